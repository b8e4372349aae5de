import type { Notice } from '../api/client';

const KEPT = 'wexon-browser-notices';

/** Notices by the browser itself, while a screen is open somewhere: on or off in this browser alone. */
class BrowserNotices {
  possible = typeof Notification !== 'undefined';
  on = $state(
    typeof Notification !== 'undefined' && Notification.permission === 'granted' && localStorage.getItem(KEPT) === 'on',
  );
  #last = 0;

  async toggle(): Promise<void> {
    const granted = this.on ? false : (await Notification.requestPermission()) === 'granted';
    this.on = granted;
    localStorage.setItem(KEPT, granted ? 'on' : 'off');
  }

  /** Tells what is new since it was asked last; the first time only looks. */
  tell(notices: Notice[]): void {
    const newest = notices[0]?.id ?? 0;
    if (this.on && this.#last > 0) {
      const fresh = notices.filter((notice) => notice.id > this.#last && !notice.read);
      const [first] = fresh;
      if (first)
        new Notification('Wexon', {
          body: fresh.length > 1 ? `${fresh.length} notices. ${first.words}` : first.words,
          tag: 'wexon',
        });
    }
    this.#last = Math.max(this.#last, newest);
  }
}

export const browserNotices = new BrowserNotices();
