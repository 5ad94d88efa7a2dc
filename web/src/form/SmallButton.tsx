import { Button, type ButtonProps } from '@chakra-ui/react';

/** A button for what is beside the point of its place: outlined, small, and still large enough for a finger. */
export function SmallButton(props: ButtonProps) {
  return (
    <Button variant="outline" borderColor="line" color="ink" size="sm" minH="44px" {...props} />
  );
}
