export { STUDENT_FIELDS, type ListedStudent } from './listed-student.js';
export {
  planOfList,
  SOMEBODY_NEW,
  type Becomes,
  type KnownStudent,
  type ListPlan,
  type PlannedStudent,
} from './plan-of-list.js';
