import type { Cause } from '@/core/prove';
import type { HandFind, Sign } from '@/core/model';

/** A sign as it is asked, and how it is looked for. */
export const signTexts: Record<Sign, { readonly title: string; readonly how: string }> = {
  'reversal-step': {
    title: 'a step at every reversal',
    how: 'Indicator at the tool; come to a place ' + 'from both sides.',
  },
  'grows-with-distance': {
    title: 'grows with the distance',
    how: 'Ask several distances and compare ' + 'what is short.',
  },
  'once-a-screw-turn': {
    title: 'comes once a turn of the screw',
    how: 'Read every eighth of a lead ' + 'over two turns.',
  },
  'once-a-pinion-turn': {
    title: 'comes once a turn of pinion or pulley',
    how: 'Read every eighth of its way over two turns.',
  },
  'within-four-steps': {
    title: 'waves within four full steps',
    how: 'Read every microstep over four ' + 'full steps.',
  },
  'one-place': { title: 'at one place, from both sides', how: 'Read close by where it shows, to and fro.' },
  'air-run-lost': {
    title: 'a run in air does not come back',
    how: 'Twenty moves to and fro in air, ' + 'then the indicator.',
  },
  'whole-four-steps': {
    title: 'lost by whole four full steps',
    how: 'Divide what is lost by the way of ' + 'four steps.',
  },
  'grows-with-reversals': {
    title: 'grows with the number of reversals',
    how: 'The same way in many ' + 'short moves.',
  },
  'above-a-speed': { title: 'only above a speed or acceleration', how: 'The same run slow, then fast.' },
  'narrow-band': {
    title: 'only in a narrow band of speed, with a growl',
    how: 'Raise the speed little ' + 'by little.',
  },
  'under-cut': { title: 'only under cut', how: 'The same program in air and in the work.' },
  'grows-warm': {
    title: 'grows as it warms, gone when cold',
    how: 'Read cold, after half an hour, cold ' + 'again.',
  },
  'one-side': { title: 'always to one side', how: 'Sign of what is lost, over several runs.' },
  'ends-differ': { title: 'both ends of the gantry differ', how: 'Indicator at either end.' },
  'drag-uneven': { title: 'drags unevenly by hand', how: 'Power off, push it slowly over the travel.' },
  'marks-part': {
    title: 'marks on shaft and hub part',
    how: 'A line over both with a pen; look after a ' + 'run.',
  },
  'with-spindle': { title: 'only with spindle or torch on', how: 'The same run with it off.' },
  'since-crash': { title: 'since a crash or since it was bolted anew', how: 'When did it begin?' },
  'play-felt': { title: 'play is felt with the motor held', how: 'Motor held, push and pull the carriage.' },
  'plain-ratio': {
    title: 'off by a plain ratio',
    how: 'What is measured over what was asked: 25.4, 2, ' + '5/4, 20/19?',
  },
  'homing-scatters': { title: 'homing scatters', how: 'Home ten times, read each.' },
  'cured-by-acceleration': { title: 'half the acceleration cures it', how: 'Try it.' },
  'cured-by-speed': { title: 'half the speed cures it', how: 'Try it.' },
  'supply-falls': {
    title: 'the supply falls by more than a tenth',
    how: 'Voltmeter at the driver while ' + 'it runs.',
  },
  'over-a-tenth': { title: 'off by more than 0.1 % of the way', how: 'Long way, tape.' },
};

/** A cause and what is done about it. */
export const causeTexts: Record<Cause, { readonly title: string; readonly cure: string }> = {
  'nut-play': { title: 'Play or wear of the nut', cure: 'Preload or replace the nut.' },
  'thrust-bearing': {
    title: 'Thrust bearing gives',
    cure: 'Preload the bearing pair, tighten its lock ' + 'nut.',
  },
  'nut-bracket': { title: 'Nut bracket loose', cure: 'Tighten it, or stiffen it.' },
  'grub-screw': { title: 'Grub screw slips', cure: 'A flat or a clamp hub; thread locker.' },
  'coupling-spider': {
    title: 'Spider of the coupling worn',
    cure: 'A harder spider, or a coupling ' + 'without play.',
  },
  'belt-slack': { title: 'Belt slack', cure: 'Tighten it to its tone.' },
  'mesh-open': { title: 'Rack mesh open', cure: 'Bring the pinion closer at its tightest place.' },
  compensation: { title: 'Backlash compensation off or wrong', cure: 'Set it anew out of the reversal.' },
  'steps-per-unit': { title: 'Steps per unit wrong', cure: 'Set them out of several distances.' },
  'lead-error': {
    title: 'Lead or belt pitch off',
    cure: 'Calibrate; a table where the controller takes ' + 'one.',
  },
  'inch-or-ratio': {
    title: 'Inch for millimetre, or a wrong ratio',
    cure: 'Look at units, teeth and ' + 'microsteps.',
  },
  'screw-runout': { title: 'Screw runs out', cure: 'Straighten or replace; true its bearing.' },
  'eccentric-pinion': { title: 'Pinion runs out', cure: 'Another pinion, or bore it true.' },
  'rack-joint': { title: 'Joint of the rack', cure: 'Set the joint with a piece of rack across it.' },
  'microstep-error': {
    title: 'Microsteps uneven',
    cure: 'Set the current right; take whole steps for ' + 'what counts.',
  },
  'torque-at-speed': { title: 'No torque left at speed', cure: 'Slower, or more voltage.' },
  acceleration: { title: 'Too much acceleration', cure: 'Less of it, or less mass.' },
  'mid-band': { title: 'Mid-band resonance', cure: 'Pass it fast, damp it, or change microsteps.' },
  'supply-sags': { title: 'Supply sags', cure: 'A stronger supply, thicker wire.' },
  'driver-hot': { title: 'Driver hot', cure: 'Cool it, less current.' },
  'direction-late': {
    title: 'Direction too late before a step',
    cure: 'More direction set-up time in ' + 'the controller.',
  },
  'pulse-noise': { title: 'Noise on the pulse lines', cure: 'Shield at one end, apart from the inverter.' },
  'frame-gives': {
    title: 'Frame or tool gives',
    cure: 'Stiffen what gives most: see the compliance ' + 'budget.',
  },
  racking: { title: 'Gantry racks', cure: 'Square it, span the carriages wider, drive both sides.' },
  'rails-pinch': { title: 'Rails pinch', cure: 'True the second rail through the carriage.' },
  'warm-growth': { title: 'Grows as it warms', cure: 'Warm it up before it counts.' },
  'ends-out-of-step': { title: 'Both ends out of step', cure: 'Home both sides, square with the pull-offs.' },
  'home-switch': { title: 'Home switch scatters', cure: 'Slower second touch, another switch.' },
  'following-lag': { title: 'Following error', cure: 'Tune the loop; slower in corners.' },
  'tooth-jump': { title: 'Belt or chain jumps a tooth', cure: 'Tighten it, more wrap.' },
  'work-slips': { title: 'Cutter or work slips', cure: 'Clamp both anew.' },
  'preload-tight': { title: 'Preload too tight', cure: 'Ease nut or bearing.' },
  'pulse-limit': {
    title: 'Pulse limit of the controller',
    cure: 'Fewer microsteps, or a faster ' + 'controller.',
  },
  'indicator-moves': { title: 'The indicator moves', cure: 'Clamp it anew, a stiffer stand.' },
  'something-else': { title: 'Something else', cure: 'Look further: this table does not know it.' },
};

/** What the test by hand can find. */
export const handTexts: Record<HandFind, string> = {
  nut: 'the nut on its screw',
  bearing: 'the screw in its bearing',
  bracket: 'the bracket of the nut',
  hub: 'a hub on its shaft',
  coupling: 'the coupling',
  belt: 'the belt',
  mesh: 'the pinion in its rack',
  frame: 'frame or tool',
  holding: 'work or cutter in its clamp',
  'rail-drag': 'drags, uncoupled: the rails',
  'drive-drag': 'drags, coupled only: the drive',
  ends: 'the two gantry ends differ',
  indicator: 'the indicator, on a still block',
  nothing: 'nothing moves',
};

/** How the test by hand is done. */
export const HAND_TEST =
  'Motor held, push and pull the carriage, and watch each link in turn with the indicator; look at the ' +
  'mark on hub and ' +
  'shaft; uncoupled, push again; both gantry ends; last the indicator on a still block.';
