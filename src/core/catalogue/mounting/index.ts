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
  rackBodyFor,
} from './drives';
