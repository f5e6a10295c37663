import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Choice, Toggles } from '../Choice';
import { Field } from '../Field';
import { MomentField } from '../MomentField';

function Weather() {
  const [value, setValue] = useState('dry');
  const options = ['dry', 'wet', 'mud'].map((v) => ({ value: v, label: v, hint: `It is ${v}.` }));
  return <Choice label="Weather" options={options} value={value} onChange={setValue} />;
}

const checked = () =>
  screen.getAllByRole('radio').filter((r) => r.getAttribute('aria-checked') === 'true');

describe('Choice', () => {
  it('is one stop for Tab, and arrow keys move and wrap round', () => {
    render(<Weather />);
    expect(screen.getAllByRole('radio').map((r) => r.tabIndex)).toEqual([0, -1, -1]);
    const group = screen.getByRole('radiogroup', { name: 'Weather' });
    fireEvent.keyDown(group, { key: 'ArrowRight' });
    expect(checked()[0]?.textContent).toBe('wet');
    expect(document.activeElement?.textContent).toBe('wet');
    fireEvent.keyDown(group, { key: 'ArrowLeft' });
    fireEvent.keyDown(group, { key: 'ArrowLeft' });
    expect(checked()[0]?.textContent).toBe('mud');
    expect(screen.getByText('It is mud.')).toBeTruthy();
  });

  it('takes a tap', () => {
    render(<Weather />);
    fireEvent.click(screen.getByRole('radio', { name: 'wet' }));
    expect(checked().map((r) => r.textContent)).toEqual(['wet']);
  });
});

describe('Toggles', () => {
  it('turn on and off on their own', () => {
    const onChange = jest.fn();
    render(<Toggles label="Also" options={[{ label: 'Mud', on: true, onChange }]} />);
    fireEvent.click(screen.getByRole('checkbox', { name: 'Mud' }));
    expect(onChange).toHaveBeenCalledWith(false);
  });
});

describe('Field', () => {
  it('ties its problem to the field for screen readers, in place of the hint', () => {
    const { rerender } = render(
      <Field label="Links" value="20" onChange={jest.fn()} hint="Count pins." />,
    );
    expect(screen.getByText('Count pins.')).toBeTruthy();
    rerender(
      <Field
        label="Links"
        value="20"
        onChange={jest.fn()}
        hint="Count pins."
        problem={{ code: 'links/impossible' }}
      />,
    );
    const input = screen.getByLabelText('Links');
    expect(input.getAttribute('aria-invalid')).toBe('true');
    const described = document.getElementById(input.getAttribute('aria-describedby') ?? '');
    expect(described?.textContent).toMatch(/40 to 250 links/);
    expect(screen.queryByText('Count pins.')).toBeNull();
    expect((input as HTMLInputElement).value).toBe('20');
  });
});

describe('MomentField', () => {
  it('shows the local hour and gives back an instant, or null for an empty field', () => {
    const onChange = jest.fn();
    const at = new Date(2026, 4, 10, 8, 30).toISOString();
    render(<MomentField label="Started" value={at} onChange={onChange} />);
    const input = screen.getByLabelText<HTMLInputElement>('Started');
    expect(input.value).toBe('2026-05-10T08:30');
    fireEvent.change(input, { target: { value: '2026-05-11T09:15' } });
    expect(onChange).toHaveBeenLastCalledWith(new Date(2026, 4, 11, 9, 15).toISOString());
    fireEvent.change(input, { target: { value: '' } });
    expect(onChange).toHaveBeenLastCalledWith(null);
  });
});
