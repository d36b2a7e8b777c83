import { Catch, HttpException, HttpStatus, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { ConnectionError, DatabaseError, ForeignKeyConstraintError, TimeoutError, UniqueConstraintError } from 'sequelize';

const RETRY_SECONDS = 5;

interface Told {
  readonly status: number;
  readonly message: string;
}

function databaseProblem(error: unknown): Told | null {
  if (error instanceof UniqueConstraintError) return { status: HttpStatus.CONFLICT, message: 'There is one of that name already' };
  if (error instanceof ForeignKeyConstraintError)
    return { status: HttpStatus.CONFLICT, message: 'Something that it belongs to was removed meanwhile; load the page again' };
  if (error instanceof ConnectionError || error instanceof TimeoutError)
    return { status: HttpStatus.SERVICE_UNAVAILABLE, message: 'The database does not answer; nothing was changed. Try again in a moment' };
  return null;
}

/** Where something failed, without what: the message of a database's error quotes names, notes and hashes. */
function traceOf(error: unknown): string {
  if (!(error instanceof Error)) return 'something that is no error was thrown';
  const code = error instanceof DatabaseError ? (error.original as { readonly code?: unknown }).code : undefined;
  const frames = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line));
  return [`${error.name}${typeof code === 'string' ? ` (${code})` : ''}`, ...frames].join('\n');
}

/** Every failure as JSON with a sentence for people; what isn't known is told apart from what was refused, and its place is logged. */
@Catch()
export class ProblemsFilter implements ExceptionFilter {
  private readonly logger = new Logger('problems');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent) return;
    if (error instanceof HttpException) {
      const told = error.getResponse();
      if ([429, 503].includes(error.getStatus())) response.set('Retry-After', String(RETRY_SECONDS));
      response.status(error.getStatus()).json(typeof told === 'string' ? { statusCode: error.getStatus(), message: told } : told);
      return;
    }
    const told = databaseProblem(error);
    if (!told) this.logger.error(traceOf(error));
    const { status, message } = told ?? { status: 500, message: 'The server made a mistake; nothing was changed' };
    if (status === 503) response.set('Retry-After', String(RETRY_SECONDS));
    response.status(status).json({ statusCode: status, message });
  }
}
