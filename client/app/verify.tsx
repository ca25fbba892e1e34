export { VerifyScreen as default } from '@/features/verify/VerifyScreen';
