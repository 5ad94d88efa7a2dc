import { Box } from '@chakra-ui/react';
import { Orders } from './Choices';
import type { ToolProps } from './Tool';
import { texts } from './texts';

/** Another order of the two socks, from here on; no count changes with it. */
export function OrderTool({ lap, sock, queue, onClose }: ToolProps) {
  return (
    <Box>
      <Box as="p" mb={3} id="order-tool">
        {texts.howYouKnitTheTwo}
      </Box>
      <Orders
        lap={lap}
        name="order-tool"
        value={lap.order}
        onChange={(order) =>
          void queue
            .press({ sock, kind: 'ORDERED', order })
            .then(({ counted }) => counted && onClose())
        }
      />
    </Box>
  );
}
