import { colourOf, type FramePainter, lostCells } from './frame-picture';
import { SHOULDER } from './pixels/display-light';
import { type Plate } from './pixels/plate';

const VERTEX = `#version 300 es
void main() {
  // one triangle over all of it
  vec2 at = vec2(gl_VertexID == 1 ? 3.0 : -1.0, gl_VertexID == 2 ? 3.0 : -1.0);
  gl_Position = vec4(at, 0.0, 1.0);
}`;

/** `recordedPixels` and `between`, a pixel at a time. */
const FRAGMENT = `#version 300 es
precision highp float;
precision highp sampler2D;
uniform sampler2D plate;
uniform sampler2D lost;
uniform ivec2 cells;
uniform float offsetEv, contrast, evMidGrey, highlightRoom;
uniform vec3 tint, castPerStop;
uniform bool isMonochrome;
out vec4 colour;

float lostAt(vec2 part) {
  vec2 at = clamp(part * vec2(cells) - 0.5, vec2(0.0), vec2(cells) - 1.0);
  ivec2 first = clamp(ivec2(floor(at)), ivec2(0), max(cells - 2, ivec2(0)));
  ivec2 next = min(first + 1, cells - 1);
  vec2 x = at - vec2(first);
  float upper = mix(texelFetch(lost, first, 0).r, texelFetch(lost, ivec2(next.x, first.y), 0).r, x.x);
  float lower = mix(texelFetch(lost, ivec2(first.x, next.y), 0).r, texelFetch(lost, next, 0).r, x.x);
  return mix(upper, lower, x.y);
}

vec3 encoded(vec3 light) {
  vec3 low = light * 12.92;
  vec3 high = 1.055 * pow(max(light, vec3(0.0031308)), vec3(1.0 / 2.4)) - 0.055;
  return mix(low, high, greaterThan(light, vec3(0.0031308)));
}

void main() {
  ivec2 size = textureSize(plate, 0);
  ivec2 at = ivec2(int(gl_FragCoord.x), size.y - 1 - int(gl_FragCoord.y));
  vec4 own = texelFetch(plate, at, 0);
  float taken = lostAt((vec2(at) + 0.5) / vec2(size));
  float tone = offsetEv + contrast * own.r - taken - evMidGrey;
  float x = min(1.0, exp2(tone - highlightRoom));
  float light = x * (1.0 + ${SHOULDER}) / (x + ${SHOULDER});
  vec3 shown = (isMonochrome ? vec3(light) : light * own.gba * exp2(-castPerStop * taken)) * tint;
  colour = vec4(encoded(clamp(shown, 0.0, 1.0)), 1.0);
}`;

/** Names of processors that are none: the page itself is faster. */
const SIMULATED = /swiftshader|llvmpipe|softpipe|software|basic render/i;

/** Whether there is a graphics processor that is one: some browsers simulate it without saying so. */
export function hasProcessor(): boolean {
  const gl = document.createElement('canvas').getContext('webgl2', { failIfMajorPerformanceCaveat: true });
  if (!gl) return false;
  const info = gl.getExtension('WEBGL_debug_renderer_info');
  const name = String(gl.getParameter(info ? info.UNMASKED_RENDERER_WEBGL : gl.RENDERER));
  gl.getExtension('WEBGL_lose_context')?.loseContext();
  return !SIMULATED.test(name);
}

/**
 * Paints by the graphics processor (WebGL2), or what simulates one; null where there is neither, and the canvas is as it was.
 *
 * @param onLost told when the processor is taken away: the canvas is of no more use
 */
export function glPainter(canvas: HTMLCanvasElement, onLost?: () => void): FramePainter | null {
  const gl = canvas.getContext('webgl2', { alpha: false, antialias: false, depth: false });
  const program = gl && programOf(gl);
  if (!gl || !program) return null;
  const plateTexture = textureOf(gl);
  const lostTexture = textureOf(gl);
  const at = (name: string) => gl.getUniformLocation(program, name);
  const places = {
    plate: at('plate'),
    lost: at('lost'),
    cells: at('cells'),
    offsetEv: at('offsetEv'),
    contrast: at('contrast'),
    evMidGrey: at('evMidGrey'),
    highlightRoom: at('highlightRoom'),
    tint: at('tint'),
    castPerStop: at('castPerStop'),
    isMonochrome: at('isMonochrome'),
  };
  let uploaded: Plate | null = null;
  const lose = (event: Event) => {
    event.preventDefault();
    onLost?.();
  };
  canvas.addEventListener('webglcontextlost', lose);
  return {
    paint: (view) => {
      const { picture, plate, tie, isMonochrome } = view;
      gl.useProgram(program);
      gl.viewport(0, 0, plate.columns, plate.rows);
      gl.activeTexture(gl.TEXTURE0);
      gl.bindTexture(gl.TEXTURE_2D, plateTexture);
      if (uploaded !== plate) {
        const { columns, rows } = plate;
        gl.texImage2D(gl.TEXTURE_2D, 0, gl.RGBA32F, columns, rows, 0, gl.RGBA, gl.FLOAT, interleaved(plate));
        uploaded = plate;
      }
      const { columns, rows } = picture.layers;
      const lost = lostCells(picture)?.values ?? new Float32Array(columns * rows);
      gl.activeTexture(gl.TEXTURE1);
      gl.bindTexture(gl.TEXTURE_2D, lostTexture);
      gl.texImage2D(gl.TEXTURE_2D, 0, gl.R32F, columns, rows, 0, gl.RED, gl.FLOAT, lost);
      gl.uniform1i(places.plate, 0);
      gl.uniform1i(places.lost, 1);
      gl.uniform2i(places.cells, columns, rows);
      gl.uniform1f(places.offsetEv, tie.offsetEv);
      gl.uniform1f(places.contrast, tie.contrast);
      gl.uniform1f(places.evMidGrey, picture.evMidGrey);
      gl.uniform1f(places.highlightRoom, picture.window.highlightRoom);
      const { tint, castPerStop } = colourOf(view);
      gl.uniform3fv(places.tint, tint);
      gl.uniform3fv(places.castPerStop, castPerStop ?? [0, 0, 0]);
      gl.uniform1i(places.isMonochrome, isMonochrome ? 1 : 0);
      gl.drawArrays(gl.TRIANGLES, 0, 3);
    },
    dispose: () => {
      canvas.removeEventListener('webglcontextlost', lose);
      gl.deleteTexture(plateTexture);
      gl.deleteTexture(lostTexture);
      gl.deleteProgram(program);
    },
  };
}

/** A plate as a texture has it: log2 of the light, then its three channels. */
function interleaved({ columns, rows, log, colour }: Plate): Float32Array {
  const all = new Float32Array(4 * columns * rows);
  for (let i = 0; i < columns * rows; i++) {
    all[4 * i] = log[i] as number;
    for (let k = 0; k < 3; k++) all[4 * i + 1 + k] = colour[3 * i + k] as number;
  }
  return all;
}

/** A texture whose points are fetched one by one. */
function textureOf(gl: WebGL2RenderingContext): WebGLTexture {
  const texture = gl.createTexture();
  gl.bindTexture(gl.TEXTURE_2D, texture);
  for (const name of [gl.TEXTURE_MIN_FILTER, gl.TEXTURE_MAG_FILTER])
    gl.texParameteri(gl.TEXTURE_2D, name, gl.NEAREST);
  for (const name of [gl.TEXTURE_WRAP_S, gl.TEXTURE_WRAP_T])
    gl.texParameteri(gl.TEXTURE_2D, name, gl.CLAMP_TO_EDGE);
  return texture;
}

function programOf(gl: WebGL2RenderingContext): WebGLProgram | null {
  const program = gl.createProgram();
  for (const [kind, source] of [
    [gl.VERTEX_SHADER, VERTEX],
    [gl.FRAGMENT_SHADER, FRAGMENT],
  ] as const) {
    const shader = gl.createShader(kind);
    if (!shader) return null;
    gl.shaderSource(shader, source);
    gl.compileShader(shader);
    gl.attachShader(program, shader);
  }
  gl.linkProgram(program);
  return gl.getProgramParameter(program, gl.LINK_STATUS) ? program : null;
}
