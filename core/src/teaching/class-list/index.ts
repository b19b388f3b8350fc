export { STUDENT_FIELDS, type ListedStudent, type StudentField } from './listed-student.js';
export {
  planOfList,
  SOMEBODY_NEW,
  type Becomes,
  type Decisions,
  type FieldChange,
  type KnownStudent,
  type ListPlan,
  type PlannedStudent,
} from './plan-of-list.js';
