import type { NextFunction, Request, Response } from 'express';

const CHANGES = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);

function isOurs(origin: string, host: string | undefined): boolean {
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}

function refuse(response: Response, status: number, message: string): void {
  response.status(status).json({ statusCode: status, message });
}

/** Changes come from our own pages, as JSON: a form of another site sends neither. */
export function onlyOwnPages(request: Request, response: Response, next: NextFunction): void {
  if (!CHANGES.has(request.method)) return next();
  const { origin, host } = request.headers;
  const site = request.headers['sec-fetch-site'];
  if (origin !== undefined && !isOurs(origin, host)) return refuse(response, 403, 'This request comes from another site');
  if (site === 'cross-site' || site === 'same-site') return refuse(response, 403, 'This request comes from another site');
  const hasBody = request.headers['transfer-encoding'] !== undefined || Number(request.headers['content-length'] ?? 0) > 0;
  if (hasBody && !request.is('application/json')) return refuse(response, 415, 'Send JSON (content-type: application/json)');
  next();
}

/** What the API answers may hold health data: no cache keeps it, the browser's own included. */
export function notKept(_request: Request, response: Response, next: NextFunction): void {
  response.set('Cache-Control', 'no-store');
  next();
}
