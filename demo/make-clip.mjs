/**
 * Draws the sample video: eight seconds of the tide that comes in at night. Run it again by `node demo/make-clip.mjs`
 * when the drawing changes; the film it writes is kept beside it, as not every machine records the same bytes.
 */
/* global AudioContext, Blob, MediaRecorder, MediaStream */
import { writeFile } from 'node:fs/promises';
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../scripts/steps.mjs';

const browser = await chromium.launch(chromiumOptions);
const page = await browser.newPage();
const bytes = await page.evaluate(async () => {
  const [width, height, seconds] = [640, 360, 8];
  const canvas = Object.assign(document.createElement('canvas'), { width, height });
  const pen = canvas.getContext('2d');
  const draw = (time) => {
    const sky = pen.createLinearGradient(0, 0, 0, height);
    sky.addColorStop(0, '#1b2147');
    sky.addColorStop(1, '#5b4a7a');
    pen.fillStyle = sky;
    pen.fillRect(0, 0, width, height);
    pen.fillStyle = '#f3e6c0';
    pen.beginPath();
    pen.arc(500, 80, 34, 0, 7);
    pen.fill();
    pen.fillStyle = '#1c3f3d';
    pen.beginPath();
    pen.moveTo(0, 210);
    for (let x = 0; x <= width; x += 20) pen.lineTo(x, 205 + 14 * Math.sin(x / 90));
    pen.lineTo(width, height);
    pen.lineTo(0, height);
    pen.fill();
    const level = 320 - 70 * (time / seconds);
    pen.fillStyle = '#6f9a9b';
    pen.beginPath();
    pen.moveTo(0, height);
    for (let x = 0; x <= width; x += 8) pen.lineTo(x, level + 5 * Math.sin(x / 38 + time * 2.4));
    pen.lineTo(width, height);
    pen.fill();
    pen.strokeStyle = '#102826';
    pen.lineWidth = 4;
    for (let reed = 0; reed < 16; reed += 1) {
      const x = 20 + reed * 41;
      const sway = 10 * Math.sin(time * 1.3 + reed);
      pen.beginPath();
      pen.moveTo(x, height);
      pen.quadraticCurveTo(x + sway / 2, 270, x + sway, 215 + 9 * (reed % 3));
      pen.stroke();
    }
  };
  draw(0);
  const sound = new AudioContext();
  const noise = sound.createBuffer(1, sound.sampleRate * seconds, sound.sampleRate);
  const samples = noise.getChannelData(0);
  let slow = 0;
  for (let at = 0; at < samples.length; at += 1) {
    slow += 0.02 * (Math.random() * 2 - 1 - slow);
    samples[at] = slow * (0.6 + 0.5 * Math.sin((at / sound.sampleRate) * 1.9));
  }
  const source = sound.createBufferSource();
  source.buffer = noise;
  const out = sound.createMediaStreamDestination();
  source.connect(out);
  const stream = new MediaStream([...canvas.captureStream(25).getTracks(), ...out.stream.getTracks()]);
  const recorder = new MediaRecorder(stream, {
    mimeType: 'video/webm;codecs=vp8,opus',
    videoBitsPerSecond: 160_000,
    audioBitsPerSecond: 24_000,
  });
  const parts = [];
  recorder.ondataavailable = ({ data }) => parts.push(data);
  const ended = new Promise((resolve) => (recorder.onstop = resolve));
  source.start();
  recorder.start();
  const begun = performance.now();
  await new Promise((resolve) => {
    const step = () => {
      const time = (performance.now() - begun) / 1000;
      draw(Math.min(time, seconds));
      if (time < seconds) requestAnimationFrame(step);
      else resolve();
    };
    step();
  });
  recorder.stop();
  await ended;
  return [...new Uint8Array(await new Blob(parts).arrayBuffer())];
});
await browser.close();
await writeFile(new URL('clips/rising-tide.webm', import.meta.url), Buffer.from(bytes));
