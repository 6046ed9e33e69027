export { arrangementText, errorName, inputLabel, inputText, partName, wayText, workNames } from './labels';
export { cautionText, changeText, machineText, micro, nextText, stiffnessText } from './findings';
