export { SchoolsScreen as default } from '@/features/shop/SchoolsScreen';
