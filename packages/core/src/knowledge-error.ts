/** A mistake in our own data (an asana, a condition): thrown when it is loaded, naming itself. */
export class KnowledgeError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'KnowledgeError';
  }
}
