export {
  type CarriageForm,
  type CarriageMount,
  carriageMounts,
  type CarriageRow,
  rowByLength,
} from './carriages';
export {
  type EndBlock,
  endBlockFor,
  faceOfMotor,
  type MotorFace,
  motorFaces,
  type NutFlange,
  nutFlangeFor,
  type NutHousing,
  nutHousingFor,
  type RackBody,
  rackBodies,
  rackBodyFor,
} from './drives';
export {
  type RailSeat,
  railSeats,
  type ScrewEnds,
  screwEnds,
  seatFor,
  type WoodInsert,
  woodInserts,
} from './bench';
