import { BadRequestException, UnprocessableEntityException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

/** Deeper than anything that the API takes; a recursion through deeper data would end the process. */
const MOST_DEEP = 40;
const OPEN = new Set([0x7b, 0x5b]);
const CLOSE = new Set([0x7d, 0x5d]);
const QUOTE = 0x22;
const BACKSLASH = 0x5c;

/** Looks through a body before it is parsed. @throws BadRequestException where it is nested too deeply. */
export function refuseDeep(_request: unknown, _response: unknown, body: Buffer): void {
  let depth = 0;
  let inText = false;
  for (let i = 0; i < body.length; i++) {
    const byte = body[i]!;
    if (inText) {
      if (byte === BACKSLASH) i++;
      else if (byte === QUOTE) inText = false;
    } else if (byte === QUOTE) inText = true;
    else if (OPEN.has(byte) && ++depth > MOST_DEEP) throw new BadRequestException(`The JSON is nested more than ${MOST_DEEP} deep`);
    else if (CLOSE.has(byte)) depth--;
  }
}

/** Where in a body a text lies that no database keeps as it is; `null` where there is none. */
function unkeptAt(value: unknown, at: string): string | null {
  if (typeof value === 'string') return value.includes('\0') || !value.isWellFormed() ? at : null;
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = key.includes('\0') || !key.isWellFormed() ? `${at}.${key}` : unkeptAt(inner, at === '' ? key : `${at}.${key}`);
    if (found !== null) return found;
  }
  return null;
}

/** Texts with NUL or with half a character are refused at their field. */
export function onlyWholeText(request: Request, _response: Response, next: NextFunction): void {
  const field = unkeptAt(request.body, '');
  if (field === null) return next();
  const message = `${field.toWellFormed()} holds characters that can’t be kept`;
  next(new UnprocessableEntityException({ statusCode: 422, message, problems: [{ field, message }] }));
}

/** A body that the parser refuses: not JSON, too long, or in letters of another kind. */
export function tellUnread(error: unknown, _request: Request, response: Response, next: NextFunction): void {
  const { type, status } = error as { readonly type?: unknown; readonly status?: unknown };
  if (typeof type !== 'string' || typeof status !== 'number' || status >= 500) return next(error);
  const message =
    type === 'entity.parse.failed'
      ? 'The request is no JSON'
      : type === 'entity.too.large'
        ? 'The request is too long; a megabyte is the most'
        : error instanceof BadRequestException
          ? error.message
          : 'The request can’t be read';
  response.status(status).json({ statusCode: status, message });
}
