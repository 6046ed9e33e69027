import { grid } from '../table';

/*
 * What mounts a carriage and its rail, in mm: height over the rail's seat, width, thread of its holes, their
 * spacing across and along (short and long carriage), lengths over the caps, depth of the thread; the rail's
 * width, height, pitch of holes, its hole and counterbore.
 */

/** Profile rails after ISO 12090-1; one family, figures from memory. `low` is the low-built narrow carriage. */
export const profileMounts = grid(`
size | form   | H  | W   | thread | B  | short | long | Lshort | Llong | depth | railWidth | railHeight | pitch | hole | bore | basis
15   | narrow | 28 | 34  | M4     | 26 | 26    |      | 61     | 78    | 5     | 15        | 15         | 60    | 4.5  | 7.5  | size ISO 12090-1; the rest from memory
15   | flange | 24 | 47  | M5     | 38 | 30    | 30   | 61     | 78    | 8     | 15        | 15         | 60    | 4.5  | 7.5  | size ISO 12090-1; the rest from memory
20   | narrow | 30 | 44  | M5     | 32 | 36    | 50   | 77     | 92    | 6     | 20        | 17.5       | 60    | 6    | 9.5  | size ISO 12090-1; the rest from memory
20   | flange | 30 | 63  | M6     | 53 | 40    | 40   | 77     | 92    | 10    | 20        | 17.5       | 60    | 6    | 9.5  | size ISO 12090-1; the rest from memory
25   | narrow | 40 | 48  | M6     | 35 | 35    | 50   | 84     | 105   | 8     | 23        | 22         | 60    | 7    | 11   | size ISO 12090-1; the rest from memory
25   | low    | 36 | 48  | M6     | 35 | 35    | 50   | 84     | 105   | 7     | 23        | 22         | 60    | 7    | 11   | size ISO 12090-1; the rest from memory
25   | flange | 36 | 70  | M8     | 57 | 45    | 45   | 84     | 105   | 12    | 23        | 22         | 60    | 7    | 11   | size ISO 12090-1; the rest from memory
30   | narrow | 45 | 60  | M8     | 40 | 40    | 60   | 97     | 120   | 10    | 28        | 26         | 80    | 9    | 14   | size ISO 12090-1; the rest from memory
30   | low    | 42 | 60  | M8     | 40 | 40    | 60   | 97     | 120   | 9     | 28        | 26         | 80    | 9    | 14   | size ISO 12090-1; the rest from memory
30   | flange | 42 | 90  | M10    | 72 | 52    | 52   | 97     | 120   | 14    | 28        | 26         | 80    | 9    | 14   | size ISO 12090-1; the rest from memory
35   | narrow | 55 | 70  | M8     | 50 | 50    | 72   | 112    | 138   | 12    | 34        | 29         | 80    | 9    | 14   | size ISO 12090-1; the rest from memory
35   | low    | 48 | 70  | M8     | 50 | 50    | 72   | 112    | 138   | 10    | 34        | 29         | 80    | 9    | 14   | size ISO 12090-1; the rest from memory
35   | flange | 48 | 100 | M10    | 82 | 62    | 62   | 112    | 138   | 15    | 34        | 29         | 80    | 9    | 14   | size ISO 12090-1; the rest from memory
`);

/** Miniature rails after ISO 12090-2; figures from memory. */
export const miniatureMounts = grid(`
size | form   | H  | W  | thread | B  | short | long | Lshort | Llong | depth | railWidth | railHeight | pitch | hole | bore | basis
9    | narrow | 10 | 20 | M3     | 15 | 10    | 16   | 29     | 40    | 3     | 9         | 6.5        | 20    | 3.5  | 6    | from memory
12   | narrow | 13 | 27 | M3     | 20 | 15    | 20   | 35     | 45    | 3.5   | 12        | 8          | 25    | 3.5  | 6    | from memory
15   | narrow | 16 | 32 | M3     | 25 | 20    | 25   | 42     | 59    | 4     | 15        | 10         | 40    | 3.5  | 6    | from memory
`);

/** Supported round rails: height of the block over the base, blocks with four holes; from memory. */
export const supportedMounts = grid(`
size | form   | H  | W  | thread | B  | short | long | Lshort | Llong | depth | railWidth | railHeight | pitch | hole | bore | basis
16   | narrow | 45 | 45 | M5     | 32 | 30    |      | 45     |       | 12    | 40        | 33         | 150   | 5.5  |      | from memory
20   | narrow | 50 | 48 | M6     | 35 | 35    |      | 50     |       | 12    | 45        | 37         | 150   | 5.5  |      | from memory
25   | narrow | 60 | 60 | M6     | 40 | 40    |      | 65     |       | 12    | 55        | 45.5       | 200   | 6.6  |      | from memory
`);

/*
 * End blocks, nuts, motors and racks as they are mounted, mm. A row is found by its size; what stands in no
 * table is asked for.
 */

/** Foot end-block sets by the screw's size: bores, centre height, holes across, screw; from memory. */
export const endBlocks = grid(`
screw | fixed | floating | centre | across | thread | width | basis
12    | 10    | 8        | 22     | 46     | M5     | 60    | from memory
16    | 12    | 10       | 25     | 46     | M5     | 60    | from memory
20    | 15    | 15       | 28     | 54     | M6     | 70    | from memory
25    | 17    | 17       | 39     | 68     | M8     | 86    | from memory
`);

/** Flanged nuts after DIN 69051-5: body, flange, bolt circle, hole, flats, six holes; from memory. */
export const nuts = grid(`
screw | body | flange | circle | hole | flats | basis
12    | 24   | 40     | 32     | 4.5  | 30    | size DIN 69051-5; the rest from memory
16    | 28   | 48     | 38     | 5.5  | 40    | size DIN 69051-5; the rest from memory
20    | 36   | 58     | 47     | 6.6  | 44    | size DIN 69051-5; the rest from memory
25    | 40   | 62     | 51     | 6.6  | 48    | size DIN 69051-5; the rest from memory
32    | 50   | 80     | 65     | 9    | 62    | size DIN 69051-5; the rest from memory
`);

/** Housings for such nuts: centre under the face, width, height, length, holes across and along; memory. */
export const housings = grid(`
screw | centre | width | height | length | across | along | thread | basis
16    | 20     | 52    | 40     | 40     | 40     | 24    | M5     | from memory
`);

/** Motor faces: NEMA ICS 16, and metric servos; frame, bolt square, pilot, thread or hole. */
export const motors = grid(`
size | frame | square | pilot | hole | thread | basis
17   | 42.3  | 31.0   | 22    | 3.4  | M3     | NEMA ICS 16
23   | 57.2  | 47.14  | 38.1  | 5.1  |        | NEMA ICS 16
24   | 60    | 47.14  | 38.1  | 5.1  |        | face as NEMA 23; frame from memory
34   | 86.4  | 69.6   | 73.0  | 6.6  |        | NEMA ICS 16; hole 5.5 to 6.6 by make
42   | 110   | 88.9   | 55.5  | 8.5  |        | NEMA ICS 16; hole 7 to 8.5 by make
s60  | 60    | 49.50  | 50    | 5.5  |        | from memory
s80  | 80    | 63.64  | 70    | 6.6  |        | from memory
s130 | 130   | 102.53 | 110   | 9    |        | from memory
`);

/** Racks by module: width, height, height of the pitch line over the back; from memory. */
export const racks = grid(`
module | width | height | line | basis
1      | 15    | 15     | 14   | from memory
1.25   | 15    | 17     | 15.75 | from memory
1.5    | 17    | 17     | 15.5 | from memory
2      | 24    | 24     | 22   | from memory
3      | 29    | 29     | 26   | from memory
4      | 39    | 39     | 35   | from memory
`);

/**
 * Shoulders against which profile rails and carriages are pressed, and the largest corner radius of either,
 * mm; from memory.
 */
export const seats = grid(`
size | railShoulder | railCorner | shoulder | corner | basis
15   | 3            | 0.5        | 4        | 0.5    | from memory
20   | 3.5          | 0.5        | 5        | 0.5    | from memory
25   | 5            | 1          | 5        | 1      | from memory
30   | 5            | 1          | 5        | 1      | from memory
35   | 6            | 1          | 6        | 1      | from memory
`);

/**
 * Ends of screws for foot end blocks, mm: seat of the fixed bearings and the thread of their lock nut, shank for
 * the coupling, seat of the floating bearing with its ring groove (DIN 471: width and diameter of the groove).
 * Lengths differ by make: measure the block.
 */
export const screwEnds = grid(`
screw | seat | nut      | shank | far | groove | wide | basis
12    | 10   | M10 × 1  | 8     | 8   | 7.6    | 0.9  | seats from memory; groove DIN 471
16    | 12   | M12 × 1  | 10    | 10  | 9.6    | 1.1  | seats from memory; groove DIN 471
20    | 15   | M15 × 1  | 12    | 15  | 14.3   | 1.1  | seats from memory; groove DIN 471
25    | 17   | M17 × 1  | 15    | 17  | 16.2   | 1.1  | seats from memory; groove DIN 471
`);

/** Screw-in inserts for wood, mm: outside thread and hole in softwood and in hardwood; from memory. */
export const woodInserts = grid(`
thread | outside | soft | hard | long | basis
M4     | 8       | 6.5  | 7    | 10   | from memory; by make
M5     | 10      | 8    | 8.5  | 12   | from memory; by make
M6     | 12      | 9.5  | 10.5 | 15   | from memory; by make
M8     | 16      | 13   | 14   | 18   | from memory; by make
`);
