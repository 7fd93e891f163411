// A page is seen before it is awake: on a slow tablet there are moments between, and parts of it wake one after another.
// What is pressed or typed in them would be lost. It is kept here and given to the page, in order, each as soon as what it
// is for is awake. Loaded first, by every page; tests/browser/early.spec.ts holds the scripts back and looks.
//
// Nothing public says when React has taken an element over. It asks itself when an event comes in, and drops the event
// when not (getNearestMountedFiber, findInstanceBlockingEvent, React 19): the same is asked here, of the same fields. Should
// they be gone one day, everything counts as awake after PATIENCE.
(() => {
  const PRESSED =
    'button, label, summary, [role="radio"], [role="checkbox"], input[type="checkbox"], input[type="radio"]';
  const WRITTEN = 'input, textarea, select';
  const PATIENCE = 15_000;
  const AGAIN = 16;
  /** React's flags of a part that is being put in, or taken over. */
  const NOT_YET = 2 | 4096;

  function isAwake(element) {
    if (element === document.body) return isPageAwake();
    if (performance.now() > PATIENCE) return true;
    const name = Object.keys(element).find((each) => each.startsWith('__reactFiber$'));
    let fiber = name && element[name];
    if (!fiber) return false;
    const isNew = fiber.alternate === null;
    for (; fiber.return; fiber = fiber.return) if (isNew && (fiber.flags & NOT_YET) !== 0) return false;
    return fiber.stateNode?.current?.memoizedState?.isDehydrated === false;
  }

  let whole = false;
  /** Whether every button is awake, and was so a turn ago: only then are shortcuts surely listened for. */
  function isPageAwake() {
    if (whole) return true;
    const drawn =
      document.readyState !== 'loading' && [...document.querySelectorAll('button')].every(isAwake);
    if (drawn) setTimeout(() => (whole = true), 4 * AGAIN);
    return false;
  }

  const waiting = [];
  /** While something kept is given to the page, it goes through. */
  let giving = false;

  /** Where an element stands: React may draw a part of the page anew, and the same thing then stands there again. */
  function placeOf(element) {
    const steps = [];
    for (let at = element; at !== document.body && at.parentElement; at = at.parentElement)
      steps.unshift([...at.parentElement.children].indexOf(at));
    return steps;
  }
  /** What a key belongs to: many say no more than yes or no. */
  const groupOf = (element) => element.parentElement?.closest('[aria-label]')?.getAttribute('aria-label');

  /** The element, or the one that took its place. */
  function standing({ element, place, group }) {
    if (element.isConnected) return element;
    const other = place.reduce((at, step) => at?.children[step], document.body);
    const isAlike =
      other?.tagName === element.tagName &&
      other.textContent === element.textContent &&
      groupOf(other) === group;
    return isAlike ? other : undefined;
  }

  function hand() {
    while (waiting.length > 0) {
      const element = standing(waiting[0]);
      if (element && !isAwake(element)) return void setTimeout(hand, AGAIN);
      // What the page has taken away meanwhile is for nobody any more.
      const { give } = waiting.shift();
      giving = true;
      if (element) give(element);
      giving = false;
    }
  }
  /** Whether the page can take what is done now; while something waits, all that follows waits behind it. */
  const isReady = (element) => giving || (waiting.length === 0 && isAwake(element));
  function later(element, give) {
    waiting.push({ element, place: placeOf(element), group: groupOf(element), give });
    if (waiting.length === 1) setTimeout(hand, AGAIN);
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
    later(field, (now) => now.click());
  };
  const onSubmit = (event) => {
    const { target: form } = event;
    if (isReady(form)) return;
    hold(event);
    later(form, (now) => now.requestSubmit());
  };
  const onKey = (event) => {
    const { target, key, code } = event;
    if (isReady(document.body) || target.matches(WRITTEN) || key === 'Tab') return;
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    // Enter and space press what they stand on, and that is kept as a press.
    if ((key === 'Enter' || key === ' ') && target.closest(`a[href], ${PRESSED}`)) return;
    hold(event);
    const again = { key, code, bubbles: true, cancelable: true };
    later(document.body, () =>
      (target.isConnected ? target : document.body).dispatchEvent(new KeyboardEvent('keydown', again)),
    );
  };
  const onInput = ({ target }) => {
    if (!target.matches(WRITTEN) || target.matches(PRESSED) || target.type === 'file' || isReady(target))
      return;
    // As it is now: taking a field over, React may put its own value into it.
    const text = target.value;
    later(target, (now) => {
      // The page knows a field by the value it last saw: it is shown an empty one first, or it would see no change.
      const kind =
        { TEXTAREA: HTMLTextAreaElement, SELECT: HTMLSelectElement }[now.tagName] ?? HTMLInputElement;
      now.value = '';
      Object.getOwnPropertyDescriptor(kind.prototype, 'value').set.call(now, text);
      now.dispatchEvent(new Event(now.tagName === 'SELECT' ? 'change' : 'input', { bubbles: true }));
    });
  };
  const onChange = (event) => {
    const { target } = event;
    // Only a file is heard of by its change alone. The page may be awake by the time this one comes to it: it is told once.
    if (target.type !== 'file' || isReady(target)) return;
    event.stopImmediatePropagation();
    later(target, (now) => now.dispatchEvent(new Event('change', { bubbles: true })));
  };
  const listening = { click: onClick, submit: onSubmit, keydown: onKey, input: onInput, change: onChange };
  // On the window, and first: the page listens for its shortcuts there, and would hear a key that is kept, and again when
  // it is given.
  for (const [name, listener] of Object.entries(listening)) window.addEventListener(name, listener, true);
})();
