import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { PaperProvider } from 'react-native-paper';
import { Target } from './target';
import { lightTheme } from './theme';

let drawn = 0;
jest.mock('lucide-react-native/icons/plus', () => ({
  __esModule: true,
  default: () => {
    drawn += 1;
    return null;
  },
}));

test('a target does what is new without being drawn anew', () => {
  function Counter() {
    const [count, setCount] = useState(0);
    return (
      <>
        <p>{count}</p>
        <Target label="More" icon="add" onPress={() => setCount(count + 1)} />
      </>
    );
  }
  render(
    <PaperProvider theme={lightTheme}>
      <Counter />
    </PaperProvider>,
  );
  const before = drawn;
  for (let i = 0; i < 3; i++) fireEvent.click(screen.getByRole('button', { name: 'More' }));
  expect(screen.getByText('3')).toBeTruthy();
  expect(drawn).toBe(before);
});
