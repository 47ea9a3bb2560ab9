import type { Review } from '#core/review'

/** What made-up groups left where they visited and what they were answered, by the place of the visitors, by starter. */
export const demoReviews: Record<string, Pick<Review, 'convinced' | 'question' | 'answer'>[]> = {
  'ball-bounce': [
    {
      convinced: 'Their numbers are close together.',
      question: 'Did you look level with the mark?',
      answer: 'Yes, one of us lay on the floor.',
    },
    {
      convinced: 'They tried everything 3 times.',
      question: 'How exactly did you hold the ball?',
      answer: 'With two fingers, its lower side at the mark.',
    },
    { convinced: 'We found the same.', question: '', answer: '' },
    {
      convinced: 'They wrote down what went wrong.',
      question: 'Was it always the same child who dropped it?',
      answer: 'No, we took turns.',
    },
    {
      convinced: 'They did it the same way each time.',
      question: 'Why is yours always a bit lower than ours?',
      answer: '',
    },
    {
      convinced: 'They looked twice when they weren’t sure.',
      question: 'Do you measure to the top of the ball?',
      answer: 'Yes, to the top! What about you?',
    },
  ],
}
