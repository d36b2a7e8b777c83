import { Receiver, Sender, type DeltaMessage } from './delta-message.js';

type Part = Readonly<Record<string, number>>;

/** What goes over is copied, as between two threads. */
function send(sender: Sender, receiver: Receiver, parts: readonly Part[]): { got: object[]; fresh: number; anew: boolean } {
  const message = structuredClone(sender.pack((nameOf) => parts.map(nameOf)));
  return { got: receiver.unpack(message, (body, partOf) => body.map(partOf)), fresh: message.fresh.length, anew: message.anew };
}

const [ann, bo, cy]: Part[] = [{ ann: 1 }, { bo: 2 }, { cy: 3 }];

test('what went over before is named only, and is the same object on the other side', () => {
  const [sender, receiver] = [new Sender(), new Receiver()];
  const first = send(sender, receiver, [ann!, bo!, ann!]);
  expect(first.got).toEqual([ann, bo, ann]);
  expect(first.fresh).toBe(2);
  const second = send(sender, receiver, [cy!, bo!]);
  expect(second.got).toEqual([cy, bo]);
  expect(second.fresh).toBe(1);
  expect(second.got[1]).toBe(first.got[1]);
});

test('parts that only look alike are told apart', () => {
  const [sender, receiver] = [new Sender(), new Receiver()];
  expect(send(sender, receiver, [{ ann: 1 }, { ann: 1 }]).fresh).toBe(2);
});

test('with more parts than are held both sides begin anew', () => {
  const [sender, receiver] = [new Sender(2), new Receiver()];
  send(sender, receiver, [ann!, bo!, cy!]);
  const again = send(sender, receiver, [bo!]);
  expect(again).toMatchObject({ got: [bo], fresh: 1, anew: true });
  expect(send(sender, receiver, [bo!, ann!])).toMatchObject({ got: [bo, ann], fresh: 1, anew: false });
});

test('a part that never came is said', () => {
  const message: DeltaMessage<number> = { body: 7, fresh: [], anew: false };
  expect(() => new Receiver().unpack(message, (body, partOf) => partOf(body))).toThrow('Part 7');
});
