'use client';

import { useEffect, useRef, useState } from 'react';
import type { Flex } from '@/core/machine';
import type { Project } from '@/core/model';
import { flexClient } from '@/workers';

/** Keystrokes that follow each other closely are solved once. */
const PAUSE = 120;

export interface FlexState {
  /** The last answer; null before the first. */
  readonly flex: Flex | null;
  /** Whether the answer is of an older state of the machine. */
  readonly busy: boolean;
  /** Why there is no answer, where the worker failed. */
  readonly failed: string | null;
}

/** The frame of a machine, solved beside the page. The newest machine wins; older answers are dropped. */
export function useFlex(project: Project): FlexState {
  const [state, setState] = useState<FlexState & { readonly of: Project | null }>({
    flex: null,
    busy: true,
    failed: null,
    of: null,
  });
  const newest = useRef(project);
  useEffect(() => {
    newest.current = project;
    const timer = setTimeout(() => {
      flexClient()
        .flex(project)
        .then(
          (flex) => {
            if (newest.current === project) setState({ flex, busy: false, failed: null, of: project });
          },
          (cause: unknown) => {
            if (newest.current === project)
              setState({
                flex: null,
                busy: false,
                failed: cause instanceof Error ? cause.message : String(cause),
                of: project,
              });
          },
        );
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [project]);
  return { flex: state.flex, busy: state.of !== project, failed: state.failed };
}
