'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { BlowListener } from '@/core/ear/BlowListener';
import type { Blow } from '@/core/ear/blows';

export type EarState = 'off' | 'asking' | 'on' | 'simulated' | 'refused' | 'none_here';

/** Unprocessed: what makes speech clear makes blows alike. */
const AS_IT_SOUNDS = { echoCancellation: false, noiseSuppression: false, autoGainControl: false };

/** The microphone, off until somebody asks for it, and the blows that it hears. The sound stays in this page. */
export function useEar() {
  const [state, setState] = useState<EarState>('off');
  const [blows, setBlows] = useState<readonly Blow[]>([]);
  const close = useRef<(() => void) | null>(null);
  const simulated = useRef<BlowListener | null>(null);

  const stop = useCallback(() => {
    close.current?.();
    close.current = null;
    simulated.current = null;
    setState('off');
  }, []);
  useEffect(() => () => close.current?.(), []);

  const start = useCallback(async () => {
    if (!('mediaDevices' in navigator)) return setState('none_here');
    setBlows([]);
    setState('asking');
    try {
      const stream = await navigator.mediaDevices.getUserMedia({ audio: AS_IT_SOUNDS });
      const context = new AudioContext();
      close.current = () => {
        for (const track of stream.getTracks()) track.stop();
        void context.close();
      };
      await context.audioWorklet.addModule('/ear.js');
      const ear = new AudioWorkletNode(context, 'ear', { numberOfOutputs: 0 });
      const listener = new BlowListener(context.sampleRate);
      ear.port.onmessage = ({ data }: MessageEvent<Float32Array>) => {
        const heard = listener.hear(data);
        if (heard.length > 0) setBlows((before) => [...before, ...heard]);
      };
      context.createMediaStreamSource(stream).connect(ear);
      setState('on');
    } catch (error) {
      close.current?.();
      close.current = null;
      setState(error instanceof DOMException && error.name === 'NotFoundError' ? 'none_here' : 'refused');
    }
  }, []);

  /** A blow of the simulated stand-in, by the same way as one from the microphone. */
  const hear = useCallback((sound: Float32Array, sampleHz: number) => {
    setState('simulated');
    const first = simulated.current === null;
    simulated.current ??= new BlowListener(sampleHz);
    const heard = simulated.current.hear(sound);
    setBlows((before) => [...(first ? [] : before), ...heard]);
  }, []);

  const begin = useCallback(() => {
    simulated.current = null;
    setBlows([]);
  }, []);

  return { state, blows, start, stop, hear, begin };
}

export type Ear = ReturnType<typeof useEar>;
