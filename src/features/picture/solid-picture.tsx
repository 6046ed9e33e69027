'use client';

import { Edges, OrbitControls } from '@react-three/drei';
import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo } from 'react';
import type { Scene, SceneBox } from '@/core/machine';
import { type Scheme, tokens } from '@/ui/tokens';
import { boxInks, placeOf, type Positions, type ViewId } from '@/drawings';

/** As the drawing paints them; a table in space is told from the paper by the sheet's own colour. */
const colours = { ...boxInks, table: 'sheet' } as const;

/** Machine metres to the scene's: the picture's up is y. */
const turned = ([x, y, z]: readonly [number, number, number]): [number, number, number] => [y, z, x];

/** Puts the camera where a view wants it, and asks for one frame. */
function Stand({
  view,
  middle,
  size,
}: {
  view: ViewId;
  middle: readonly [number, number, number];
  size: number;
}) {
  const { camera, invalidate } = useThree();
  useEffect(() => {
    const far = size * 2;
    const from: Record<ViewId, readonly [number, number, number]> = {
      orbit: [0.62 * far, 0.55 * far, 0.75 * far],
      front: [0, 0.02 * far, far],
      plan: [0.001, far, 0],
      side: [far, 0.02 * far, 0],
    };
    const [x, y, z] = from[view];
    camera.position.set(middle[0] + x, middle[1] + y, middle[2] + z);
    camera.lookAt(...middle);
    camera.updateProjectionMatrix();
    invalidate();
  }, [view, middle, size, camera, invalidate]);
  return null;
}

/** How far a press may move and still pick, screen units. */
const STILL = 4;
/** Cylinders stand along the picture's y: turned so that their axis lies along x, y or z of the machine. */
const lying: Record<0 | 1 | 2, [number, number, number]> = {
  0: [Math.PI / 2, 0, 0],
  1: [0, 0, Math.PI / 2],
  2: [0, 0, 0],
};

function Form({ box: { round, size } }: { box: SceneBox }) {
  if (round === null) return <boxGeometry args={[size[1], size[2], size[0]]} />;
  const radius = Math.min(...size.filter((_, i) => i !== round)) / 2;
  return <cylinderGeometry args={[radius, radius, size[round], 24]} />;
}

/** Holes as dark rods that stand out of both faces by a hair. */
function Holes({ box: { holes, size }, colour }: { box: SceneBox; colour: string }) {
  if (!holes) return null;
  const long = size[holes.way] + 0.0006;
  return holes.list.map((h, i) => (
    <mesh key={i} position={turned(h.at)} rotation={lying[holes.way]}>
      <cylinderGeometry args={[h.diameter / 2, h.diameter / 2, long, 16]} />
      <meshBasicMaterial color={colour} />
    </mesh>
  ));
}

/** The machine in three dimensions: drag to turn, wheel to come near. Drawn only when something changes. */
export function SolidPicture({
  scene,
  positions,
  view,
  scheme,
  picked,
  onPick,
}: {
  scene: Scene;
  positions: Positions;
  view: ViewId;
  scheme: Scheme;
  picked: string | undefined;
  onPick: (id: string) => void;
}) {
  const t = tokens[scheme];
  const { middle, size } = useMemo(() => {
    const [low, high] = [
      [Infinity, Infinity, Infinity],
      [-Infinity, -Infinity, -Infinity],
    ];
    for (const b of scene.boxes)
      b.at.forEach((v, i) => {
        low[i] = Math.min(low[i]!, v - b.size[i]! / 2);
        high[i] = Math.max(high[i]!, v + b.size[i]! / 2);
      });
    return {
      middle: turned([0, 1, 2].map((i) => (low[i]! + high[i]!) / 2) as [number, number, number]),
      size: Math.max(...[0, 1, 2].map((i) => high[i]! - low[i]!)),
    };
  }, [scene]);
  return (
    <Canvas
      frameloop="demand"
      camera={{ fov: 35, near: 0.05, far: 100 }}
      gl={{ antialias: true, preserveDrawingBuffer: true }}
      style={{ background: t.panel }}
    >
      <Stand view={view} middle={middle} size={size} />
      <hemisphereLight args={['#ffffff', t.steel, 2.2]} />
      <directionalLight position={[3, 6, 5]} intensity={1.6} />
      {scene.boxes.map((box) => (
        <group
          key={box.id}
          position={turned(placeOf(box, scene, positions))}
          onClick={(e) => {
            e.stopPropagation();
            // A drag turns the picture: only a press that stays where it is picks.
            if (e.delta < STILL) onPick(box.id);
          }}
        >
          <mesh rotation={box.round === null ? [0, 0, 0] : lying[box.round]}>
            <Form box={box} />
            <meshLambertMaterial color={box.id === picked ? t.amber : t[colours[box.what]]} />
            <Edges color={t.ink} threshold={30} />
          </mesh>
          <Holes box={box} colour={t.ink} />
        </group>
      ))}
      <gridHelper
        args={[Math.ceil(size * 2), Math.ceil(size * 2) * 2, t.rule, t.hair]}
        position={[middle[0], Math.min(...scene.boxes.map((b) => b.at[2] - b.size[2] / 2)), middle[2]]}
      />
      <OrbitControls makeDefault target={[...middle]} enableDamping={false} />
    </Canvas>
  );
}
