// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useRef, useState } from 'react';
import { Link, MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, expect, it } from 'vitest';
import { useHeadingFocus } from './useHeadingFocus';

function Pages() {
  const main = useRef<HTMLElement>(null);
  useHeadingFocus(main);
  return (
    <>
      <Link to="/late">to the late one</Link>
      <Link to="/">back</Link>
      <main ref={main}>
        <Routes>
          <Route path="/" element={<h1>First</h1>} />
          <Route path="/late" element={<Late />} />
        </Routes>
      </main>
    </>
  );
}

/** A page whose heading comes once it has been heard. */
function Late() {
  const [there, setThere] = useState(false);
  return there ? <h1>Late</h1> : <button onClick={() => setThere(true)}>arrives</button>;
}

afterEach(cleanup);

function open() {
  render(
    <MemoryRouter>
      <Pages />
    </MemoryRouter>,
  );
}

/** What a browser tells those who watch a page comes after what is under way. */
const settled = () => act(() => new Promise((done) => setTimeout(done, 0)));

it('is on the heading of the page that was gone to, also where that comes later', async () => {
  open();
  expect(document.activeElement).toBe(document.body);
  fireEvent.click(screen.getByText('to the late one'));
  expect(document.activeElement).toBe(document.body);
  fireEvent.click(screen.getByText('arrives'));
  await settled();
  expect(document.activeElement?.textContent).toBe('Late');
  fireEvent.click(screen.getByText('back'));
  await settled();
  expect(document.activeElement?.textContent).toBe('First');
});

it('leaves the focus where somebody has put it in the page meanwhile', async () => {
  open();
  fireEvent.click(screen.getByText('to the late one'));
  const button = screen.getByText('arrives');
  const field = document.createElement('input');
  button.parentElement?.append(field);
  field.focus();
  fireEvent.click(button);
  await settled();
  expect(document.activeElement).toBe(field);
});
