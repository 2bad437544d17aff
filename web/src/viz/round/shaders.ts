import { GRAIN_MM } from './grain';
import { Color, DoubleSide, ShaderMaterial, Vector3, type Texture } from 'three';

/** Where light comes from, seen from the camera: a window before her and to one side, and a little from behind. */
const WINDOW = new Vector3(0.45, 0.75, 0.6).normalize();
const BEHIND = new Vector3(-0.6, 0.35, -0.55).normalize();

/** The colour that skin is marked with while it is asked where it shows: no light falls on it. */
export const MARK = '#ff2bd6';

/**
 * Locks as bands that turn to whoever looks. Light is worked out at the corners, since that is cheap; the roundness of a band and its
 * strands come from the grain. Two highlights, as hair has: one off the fibre's surface, one tinted by its inside and shifted toward the
 * tip.
 */
interface HairLook {
  grain: Texture;
  /** How many grains lie in it. */
  grains: number;
  /** Black, while it is asked where skin shows. */
  isFlat: boolean;
  /** Without grain and rim, while it is turned: a processor that draws by itself draws three times as many pictures so. */
  isCoarse: boolean;
}

export function hairMaterial({ grain, grains, isFlat, isCoarse }: HairLook): ShaderMaterial {
  return new ShaderMaterial({
    side: DoubleSide,
    defines: isFlat ? { FLAT: 1 } : isCoarse ? { COARSE: 1 } : {},
    uniforms: {
      grain: { value: grain },
      grains: { value: grains },
      window: { value: WINDOW },
      behind: { value: BEHIND },
    },
    vertexShader: /* glsl */ `
      attribute vec3 way;
      attribute vec4 band; // half its width, side, along, light
      attribute vec3 tint;
      attribute vec3 kind; // grain, gloss, luck
      uniform vec3 window;
      uniform vec3 behind;
      uniform float grains;
      varying vec3 vBody;
      varying vec3 vShine;
      varying vec2 vGrain;
      varying float vCut;
      varying float vSide;

      vec3 shine(vec3 t, vec3 l, vec3 v, float shift, float sharp) {
        float tl = dot(t, l) + shift;
        float tv = dot(t, v);
        float c = max(0.0, sqrt(max(0.0, 1.0 - tl * tl)) * sqrt(max(0.0, 1.0 - tv * tv)) - tl * tv);
        return vec3(pow(c, sharp));
      }

      void main() {
        vec3 p = (modelViewMatrix * vec4(position, 1.0)).xyz;
        vec3 t = normalize((modelViewMatrix * vec4(way, 0.0)).xyz);
        vec3 v = normalize(-p);
        vec3 across = cross(t, v);
        float turned = length(across);
        across = turned < 0.05 ? vec3(1.0, 0.0, 0.0) : across / turned;
        vec3 q = p + across * band.x * band.y;

        // Off the head there: outward of the middle of the head, flattened.
        vGrain = vec2((kind.x + 0.5 + 0.47 * band.y) / grains, band.z / ${GRAIN_MM.toFixed(1)} + kind.z * 7.0);
        vCut = 0.42 + 0.3 * kind.z;
        gl_Position = projectionMatrix * vec4(q, 1.0);
        #ifndef FLAT
        vec3 out_ = normalize((modelViewMatrix * vec4(position * vec3(1.0, 0.75, 1.0), 0.0)).xyz);
        float wrapped = 0.5 + 0.5 * dot(out_, window);
        float edge = max(0.0, dot(normalize(across * band.y + v * 0.9), window));
        float fibre = sqrt(max(0.0, 1.0 - pow(dot(t, window), 2.0)));
        float day = 0.30 + 0.62 * wrapped * (0.35 + 0.65 * fibre) + 0.28 * edge;
        float ground = 0.16 * (0.5 - 0.5 * out_.y);
        vec3 cool = vec3(0.93, 0.98, 1.04);
        vec3 warm = vec3(1.06, 0.99, 0.9);
        float own = 0.84 + 0.34 * kind.z;
        vBody = tint * own * band.w * (day * mix(cool, warm, wrapped) + ground);
        float lit = band.w * wrapped * kind.y;
        vec3 first = shine(t, window, v, 0.12, 70.0);
        vec3 second = shine(t, window, v, -0.16, 18.0);
        vShine = lit * (0.22 * first + (0.9 * tint + 0.035) * second);
        #ifndef COARSE
        vec3 rim = shine(t, behind, v, 0.05, 16.0) * smoothstep(0.55, 1.0, 1.0 - abs(dot(out_, v)));
        vShine += 0.16 * kind.y * rim * band.w;
        #endif
        vSide = band.y;
        #endif
      }
    `,
    fragmentShader: /* glsl */ `
      uniform sampler2D grain;
      varying vec3 vBody;
      varying vec3 vShine;
      varying vec2 vGrain;
      varying float vCut;
      varying float vSide;
      void main() {
        #ifdef COARSE
        float round_ = 1.0 - vSide * vSide;
        gl_FragColor = vec4(vBody * (0.45 + 0.75 * round_) + vShine * round_, 1.0);
        #else
        vec2 at = texture2D(grain, vGrain).rg;
        if (at.g < vCut) discard;
        #ifdef FLAT
        gl_FragColor = vec4(0.0, 0.0, 0.0, 1.0);
        #else
        float g = at.r * 1.5;
        vec3 c = vBody * g + vShine * g * g * g;
        gl_FragColor = vec4(c, 1.0);
        #endif
        #endif
        #include <colorspace_fragment>
      }
    `,
  });
}

/** Skin, ears and plaits: lit at the corners; with chevrons along whatever has a way along it. */
interface SkinLook {
  /** With chevrons along it, one for each whole of its first texture coordinate. */
  isPlait?: boolean;
  /** The height at which it fades out, mm; left out where it does not. */
  foot?: number | undefined;
  /** Without light, in the colour of a mark. */
  isMarked?: boolean;
}

export function skinMaterial(
  colour: string,
  { isPlait = false, foot, isMarked = false }: SkinLook = {},
): ShaderMaterial {
  return new ShaderMaterial({
    side: DoubleSide,
    transparent: foot !== undefined,
    uniforms: {
      colour: { value: new Color(colour) },
      window: { value: WINDOW },
      chevrons: { value: isPlait ? 1 : 0 },
      isMark: { value: isMarked ? 1 : 0 },
      mark: { value: new Color(MARK) },
      foot: { value: foot ?? -1000 },
    },
    vertexShader: /* glsl */ `
      uniform vec3 colour;
      uniform vec3 window;
      varying vec3 vColour;
      varying vec2 vAt;
      varying float vHeight;
      void main() {
        vec4 p = modelViewMatrix * vec4(position, 1.0);
        vec3 n = normalize(normalMatrix * normal);
        vec3 v = normalize(-p.xyz);
        n = dot(n, v) < 0.0 ? -n : n;
        float day = max(0.0, 0.35 + 0.65 * dot(n, window));
        float sky = 0.5 + 0.5 * n.y;
        float rim = pow(1.0 - max(0.0, dot(n, v)), 3.0);
        vec3 light = day * vec3(1.0, 0.97, 0.92) * 0.78 + sky * vec3(0.16, 0.18, 0.2) + 0.09;
        vColour = colour * light + rim * 0.05;
        vAt = uv;
        vHeight = position.y;
        gl_Position = projectionMatrix * p;
      }
    `,
    fragmentShader: /* glsl */ `
      uniform float chevrons;
      uniform float isMark;
      uniform vec3 mark;
      uniform float foot;
      varying vec3 vColour;
      varying vec2 vAt;
      varying float vHeight;
      void main() {
        vec3 c = vColour;
        if (chevrons > 0.0) {
          float over = abs(fract(vAt.y * 2.0) - 0.5) * 2.0;
          float v = fract(vAt.x + 0.9 * over);
          c *= 0.45 + 0.9 * sqrt(max(0.0, sin(3.14159 * v)));
        }
        float fades = smoothstep(foot, foot + 90.0, vHeight);
        gl_FragColor = vec4(mix(c, mark, isMark), fades);
        #include <colorspace_fragment>
      }
    `,
  });
}
