// A page is seen before it is awake: on a slow tablet there are moments between, and parts of it wake one after another.
// What is pressed or typed in them is kept here and given to the page, in order, each as soon as what it is for is awake.
// React marks the elements it has taken over with a property of its own; nothing public says so. Loaded first, by every
// page (tests/browser/early.spec.ts holds the scripts back and looks).
(() => {
  const PRESSED =
    'button, label, summary, [role="radio"], [role="checkbox"], input[type="checkbox"], input[type="radio"]';
  const WRITTEN = 'input, textarea, select';
  const waiting = [];

  /** Called when nothing else waits to be done: then what React has begun to take over is taken over. */
  const whenIdle = window.requestIdleCallback ?? ((then) => setTimeout(then, 60));
  const isAwake = (element) =>
    element === document.body || Object.keys(element).some((name) => name.startsWith('__reactProps$'));
  /** Whether the whole page was once awake: from then on only what comes late has to be waited for. */
  let whole = false;
  /** While something kept is given to the page, it goes through. */
  let giving = false;
  /** A page that is not whole by then will not be: what can be given is given, ms. */
  const PATIENCE = 15_000;

  function hand() {
    const drawn =
      document.readyState !== 'loading' && [...document.querySelectorAll('button')].every(isAwake);
    whole ||= drawn || performance.now() > PATIENCE;
    while (whole && waiting.length > 0) {
      const { element, give } = waiting[0];
      // What the page has taken away meanwhile is for nobody any more.
      if (element.isConnected && !isAwake(element)) break;
      waiting.shift();
      giving = true;
      if (element.isConnected) give();
      giving = false;
    }
    if (!whole || waiting.length > 0) setTimeout(() => whenIdle(hand), 20);
  }
  whenIdle(hand);

  /** Whether the page can take what is done now; while something waits, all that follows waits behind it. */
  const isReady = (element) => giving || (whole && waiting.length === 0 && isAwake(element));
  function later(element, give) {
    waiting.push({ element, give });
    if (whole && waiting.length === 1) whenIdle(hand);
  }
  function hold(event) {
    event.preventDefault();
    event.stopImmediatePropagation();
  }

  const onClick = (event) => {
    const element = event.target.closest(PRESSED);
    // A link goes where it leads without any help, and a form is kept by its submission.
    if (!element || event.target.closest('a[href]') || element.matches('[type="submit"]')) return;
    // A label stands for its field.
    const field = element.control ?? element;
    if (isReady(field)) return;
    hold(event);
    later(field, () => field.click());
  };
  const onSubmit = (event) => {
    const { target: form, submitter } = event;
    if (isReady(form)) return;
    hold(event);
    later(form, () => form.requestSubmit(submitter));
  };
  const onKey = (event) => {
    const { target, key, code } = event;
    if (isReady(document.body) || target.matches(WRITTEN) || key === 'Tab') return;
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    // Enter and space press what they stand on, and that is kept as a press.
    if ((key === 'Enter' || key === ' ') && target.closest(`a[href], ${PRESSED}`)) return;
    hold(event);
    const again = { key, code, bubbles: true, cancelable: true };
    later(target, () => target.dispatchEvent(new KeyboardEvent('keydown', again)));
  };
  const onInput = ({ target }) => {
    if (!target.matches(WRITTEN) || target.matches(PRESSED) || isReady(target)) return;
    later(target, () => {
      // The page knows a field by the value it last saw: it is shown an empty one first, or it would see no change.
      const text = target.value;
      const kind =
        { TEXTAREA: HTMLTextAreaElement, SELECT: HTMLSelectElement }[target.tagName] ?? HTMLInputElement;
      target.value = '';
      Object.getOwnPropertyDescriptor(kind.prototype, 'value').set.call(target, text);
      target.dispatchEvent(new Event(target.tagName === 'SELECT' ? 'change' : 'input', { bubbles: true }));
    });
  };
  const listening = { click: onClick, submit: onSubmit, keydown: onKey, input: onInput };
  for (const [name, listener] of Object.entries(listening)) document.addEventListener(name, listener, true);
})();
