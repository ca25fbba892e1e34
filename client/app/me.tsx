export { PersonScreen as default } from '@/features/person/PersonScreen';
