import { saveFile } from './save-file';

describe('a file that is handed to the browser', () => {
  const link = { href: '', download: '', click: jest.fn() };
  const revoked = jest.spyOn(URL, 'revokeObjectURL');

  beforeEach(() => {
    jest.useFakeTimers();
    Object.assign(globalThis, { document: { createElement: () => link } });
  });
  afterEach(() => {
    jest.useRealTimers();
    Reflect.deleteProperty(globalThis, 'document');
  });

  it('keeps its address until it was fetched, and not for ever (fault 67)', async () => {
    const made = jest.spyOn(URL, 'createObjectURL');
    saveFile({ name: 'glass.csv', text: 'name;stops' });
    expect(link).toMatchObject({ download: 'glass.csv', href: made.mock.results[0]!.value as string });
    expect(link.click).toHaveBeenCalledTimes(1);
    expect((made.mock.calls[0]![0] as Blob).type).toBe('text/csv');
    await jest.advanceTimersByTimeAsync(1_000);
    expect(revoked).not.toHaveBeenCalled();
    await jest.advanceTimersByTimeAsync(600_000);
    expect(revoked).toHaveBeenCalledWith(link.href);
  });
});
