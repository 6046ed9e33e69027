'use client';

import { useMemo } from 'react';
import { type Setting, settingsOf, type Trials } from '@/core/prove';
import { settingsCsv } from '@/drawings';
import { fileName } from '@/core/formats';
import { downloadText, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Fold } from '@/ui/fold';
import { settingFrom, settingNames, settingText } from '@/words';
import styles from './held.module.css';

function SettingRow({ setting }: { readonly setting: Setting }) {
  const { system } = useMachine();
  const { number, id, letter, from } = setting;
  return (
    <tr data-from={from}>
      <th scope="row">{number}</th>
      <td data-title="setting">
        {letter && <b>{letter} </b>}
        {settingNames[id]}
      </td>
      <td data-title="value">{settingText(setting, system)}</td>
      <td data-title="from">{settingFrom[from]}</td>
    </tr>
  );
}

/** What the controller is told, numbered: by hand into any controller, or as CSV. */
export function Settings({ trials }: { readonly trials: Trials }) {
  const { project, system } = useMachine();
  const rows = useMemo(() => settingsOf(project, trials), [project, trials]);
  return (
    <Fold summary={`Settings of the controller: ${rows.length} numbers`}>
      <p>The numbers are ours; your controller’s manual says which of its own they are.</p>
      <Action
        variant="outlined"
        onAct={() =>
          downloadText(fileName(`${project.name} settings`, 'csv'), settingsCsv(rows, system), 'text/csv')
        }
      >
        Settings as CSV
      </Action>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">No.</th>
            <th scope="col">setting</th>
            <th scope="col">value</th>
            <th scope="col">from</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((s) => (
            <SettingRow key={s.number} setting={s} />
          ))}
        </tbody>
      </table>
    </Fold>
  );
}
