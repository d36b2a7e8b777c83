/** `# Title` or `## Section`. */
export const HEADING = /^\s*(#+)\s*(.*?)\s*#*\s*$/;
