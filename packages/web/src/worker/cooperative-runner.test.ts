import { CooperativeRunner } from './cooperative-runner.js';

function* counting(to: number, done: number[] = []): Generator<number, string> {
  for (let i = 1; i <= to; i++) {
    done.push(i);
    yield i;
  }
  return `to ${to}`;
}

test('work is done to its end, and tells of each turn', async () => {
  const told: number[] = [];
  expect(await new CooperativeRunner(0).work(1, counting(4), (bit) => told.push(bit))).toBe('to 4');
  expect(told).toEqual([1, 2, 3, 4]);
});

test('within a turn nothing is told and nobody waits', async () => {
  const told: number[] = [];
  expect(await new CooperativeRunner(Infinity).work(1, counting(4), (bit) => told.push(bit))).toBe('to 4');
  expect(told).toEqual([]);
});

test('what else is asked comes in between', async () => {
  const done: number[] = [];
  const runner = new CooperativeRunner(0);
  const work = runner.work(1, counting(50, done));
  await new Promise((resolve) => setTimeout(resolve));
  const before = done.length;
  expect(before).toBeLessThan(50);
  await work;
  expect(done).toHaveLength(50);
});

test('stopped work has no answer and goes no further; other work does', async () => {
  const [done, other]: [number[], number[]] = [[], []];
  const runner = new CooperativeRunner(0);
  const [one, two] = [
    runner.work(1, counting(50, done), (bit) => {
      if (bit === 3) runner.stop(1);
    }),
    runner.work(2, counting(5, other)),
  ];
  expect(await one).toBeNull();
  expect(done).toEqual([1, 2, 3]);
  expect(await two).toBe('to 5');
});

test('a stop while it is being prepared is heard; what was prepared is cleared away all the same', async () => {
  const done: number[] = [];
  const log: string[] = [];
  const runner = new CooperativeRunner(0);
  let prepared = () => {};
  const work = runner.work(7, counting(5, done), undefined, async (go) => {
    await new Promise<void>((resolve) => (prepared = resolve));
    log.push('prepared');
    const answer = await go();
    log.push('cleared');
    return answer;
  });
  runner.stop(7);
  prepared();
  expect(await work).toBeNull();
  expect(done).toEqual([]);
  expect(log).toEqual(['prepared', 'cleared']);
});

test('a failure is passed on, and its job may be begun again', async () => {
  const runner = new CooperativeRunner(0);
  const failing = counting(2);
  failing.next = () => {
    throw new RangeError('no such asana');
  };
  await expect(runner.work(1, failing)).rejects.toThrow('no such asana');
  expect(await runner.work(1, counting(2))).toBe('to 2');
});
