import { useEffect, useRef } from 'react'
import type { Call } from '../../core/movement'

export interface Sound {
  readonly isOn: boolean
  /** 0.5 to 1.5 of the voice's usual pace. */
  readonly rate: number
  /** 0 to 1. */
  readonly volume: number
}

/** A voice of this device for a language: none that would need a connection. */
function voiceFor(language: string): SpeechSynthesisVoice | undefined {
  const all = window.speechSynthesis?.getVoices() ?? []
  const own = all.filter(
    ({ lang, localService }) => localService && lang.toLowerCase().startsWith(language.slice(0, 2)),
  )
  return own.find(({ lang }) => lang.replace('_', '-') === language) ?? own[0]
}

/** Two soft notes, where the device has no voice for the language. */
function chime(context: AudioContext, volume: number): void {
  ;[523.25, 659.25].forEach((pitch, i) => {
    const [tone, gain] = [context.createOscillator(), context.createGain()]
    const from = context.currentTime + i * 0.16
    tone.frequency.value = pitch
    gain.gain.setValueAtTime(0, from)
    gain.gain.linearRampToValueAtTime(0.25 * volume, from + 0.03)
    gain.gain.exponentialRampToValueAtTime(0.001, from + 0.5)
    tone.connect(gain).connect(context.destination)
    tone.start(from)
    tone.stop(from + 0.6)
  })
}

/**
 * Says each call when it comes on. A voice that fails is followed by the tone; without either the game goes on, since
 * all is written too. `times` counts how often the same call was asked to be said again.
 */
export function useVoice(call: Call | undefined, language: string, { isOn, rate, volume }: Sound, times: number): void {
  const context = useRef<AudioContext>(undefined)
  const text = call?.say
  const at = call?.at
  useEffect(() => {
    if (!isOn || text === undefined) return
    const tone = () => {
      try {
        context.current ??= new AudioContext()
        chime(context.current, volume)
      } catch {
        // No sound at all here: the caption stays.
      }
    }
    try {
      const voice = voiceFor(language)
      if (!voice) return tone()
      const said = new SpeechSynthesisUtterance(text)
      Object.assign(said, { voice, lang: voice.lang, rate, volume })
      said.onerror = ({ error }) => (error === 'canceled' || error === 'interrupted' ? undefined : tone())
      window.speechSynthesis.speak(said)
      return () => window.speechSynthesis.cancel()
    } catch {
      return tone()
    }
  }, [text, at, times, isOn, language, rate, volume])
}
