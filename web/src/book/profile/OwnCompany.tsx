import { CompanyParticulars } from './CompanyParticulars';

/** The company, as far as whoever does an exercise sets it up. */
export const OwnCompany = () => (
  <div className="desk">
    <CompanyParticulars />
  </div>
);
