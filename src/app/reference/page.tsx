import { redirect } from 'next/navigation';

export default function ReferencePage() {
  redirect('/reference/bearings');
}
