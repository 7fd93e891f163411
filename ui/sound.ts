'use client';

/** One tone, so that a cue is heard over a running engine. */
export function beep(hertz = 880, seconds = 0.35): void {
  const Context = window.AudioContext;
  if (!Context) return;
  const context = new Context();
  const tone = context.createOscillator();
  tone.frequency.value = hertz;
  tone.connect(context.destination);
  tone.start();
  tone.stop(context.currentTime + seconds);
  tone.onended = () => void context.close();
}

/** Says a cue aloud where the device has a voice; a later cue cuts an earlier one short. */
export function say(words: string): void {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  const line = new SpeechSynthesisUtterance(words);
  line.lang = 'en';
  window.speechSynthesis.speak(line);
}
