import { useState } from 'react';
import { View } from 'react-native';
import { withCapital } from '@/core/common';
import { SCHOOLS, SCHOOL_QUESTIONS, changeHeader, type Routine } from '@/core/routine';
import { Choices, Target } from '@/design';
import { SCHOOL_MEANS, SCHOOL_TITLES } from '@/words/names';
import { PICK } from './strings';
import type { Editing } from './use-routine';

/** How one teaches what instructors do differently, with what each way means. */
export function SchoolPicks({ routine, change }: Pick<Editing, 'routine' | 'change'>) {
  const { schools = {} } = routine;
  const [open, setOpen] = useState(false);
  const put = (question: string, school: string) => {
    const { [question as keyof typeof schools]: _, ...others } = schools;
    const next = (school === '' ? others : { ...others, [question]: school }) as NonNullable<
      Routine['schools']
    >;
    change(changeHeader(routine, { schools: Object.keys(next).length > 0 ? next : undefined }));
  };
  return (
    <View>
      <Target
        look="plain"
        icon={open ? 'less' : 'more'}
        align="start"
        label={PICK.schools}
        expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open &&
        SCHOOL_QUESTIONS.map((question) => (
          <Choices
            key={question}
            label={SCHOOL_TITLES[question]}
            choices={[
              { value: '', text: PICK.unsaid },
              ...SCHOOLS[question].map((value) => ({
                value: value as string,
                text: `${withCapital(value)}: ${SCHOOL_MEANS[question][value] ?? ''}`,
              })),
            ]}
            value={schools[question] ?? ''}
            onChoose={(school) => put(question, school)}
          />
        ))}
    </View>
  );
}
