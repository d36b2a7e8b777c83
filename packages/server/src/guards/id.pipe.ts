import { NotFoundException, ParseIntPipe } from '@nestjs/common';

const MOST = 4_294_967_295;

/** The number of a record in an address; what is no number has nothing at it. */
export class IdPipe extends ParseIntPipe {
  constructor() {
    super({ exceptionFactory: () => new NotFoundException('There is nothing at this address') });
  }

  override async transform(value: string, metadata: Parameters<ParseIntPipe['transform']>[1]): Promise<number> {
    const id = await super.transform(value, metadata);
    if (id < 1 || id > MOST) throw this.exceptionFactory('');
    return id;
  }
}
