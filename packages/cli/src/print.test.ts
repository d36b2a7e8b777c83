import { print } from './print.js';

test('whoever stops reading before the end breaks nothing; what else goes wrong is told', () => {
  print({ code: 0, out: '', err: '' });
  const emit = (code: string) => process.stdout.emit('error', Object.assign(new Error(code), { code }));
  expect(() => emit('EPIPE')).not.toThrow();
  expect(() => emit('ENOSPC')).toThrow('ENOSPC');
  process.stdout.removeAllListeners('error');
});
