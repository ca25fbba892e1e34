/** Everything behind the first screen: loaded as one piece when the first of it is opened, so that the first screen waits for none of it. */
export { BenchScreen } from '@/features/bench/BenchScreen';
export { JobSchoolsScreen } from '@/features/jobs/JobSchoolsScreen';
export { OpenJobScreen } from '@/features/jobs/OpenJobScreen';
export { NewUnitScreen, UnitPlateScreen } from '@/features/units/UnitFormScreen';
export { UnitScreen } from '@/features/units/UnitScreen';
export { CircuitScreen } from '@/features/circuit/CircuitScreen';
export { JobScreen } from '@/features/jobs/JobScreen';
export { JointScreen } from '@/features/joint/JointScreen';
export { PeopleScreen } from '@/features/people/PeopleScreen';
export { PersonScreen } from '@/features/person/PersonScreen';
export { BrazeScreen } from '@/features/record/BrazeScreen';
export { LookScreen } from '@/features/record/LookScreen';
export { KeptScreen } from '@/features/kept/KeptScreen';
export { SchoolsScreen } from '@/features/shop/SchoolsScreen';
export { VanScreen } from '@/features/van/VanScreen';
export { VerifyScreen } from '@/features/verify/VerifyScreen';
export { NotFoundScreen } from './NotFoundScreen';
