import { useLocalSearchParams } from 'expo-router';
import { WordsPage } from '@/ui/help/WordsPage';

/** The glossary, and what our figures mean. */
export default function Words() {
  const { word, measure } = useLocalSearchParams<{ word?: string; measure?: string }>();
  return <WordsPage word={word} measure={measure} />;
}
