import { NavLink } from 'react-router';

/** The parts of a class group. */
export const GroupTabs = ({ id }: { id: string }) => (
  <nav className="tabs" aria-label="Parts of the class group">
    <NavLink to={`/groups/${id}`} end>
      Students
    </NavLink>
    <NavLink to={`/groups/${id}/marks`}>Marks</NavLink>
    <NavLink to={`/groups/${id}/mix-ups`}>Mix-ups</NavLink>
  </nav>
);
