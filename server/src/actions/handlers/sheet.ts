import { Injectable } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import { SheetsService } from '../../sheets/sheets.service.js';
import type { ActionHandler, Errand } from '../handler.js';

type Sheet = Extract<Action, { type: 'sheet' }>;

/** Adds a row to a spreadsheet. */
@Injectable()
export class SheetHandler implements ActionHandler<Sheet> {
  constructor(private readonly sheets: SheetsService) {}

  targets({ sheet }: Sheet) {
    return sheet.trim() === '' ? [] : [{ target: sheet.trim(), settings: {} }];
  }

  /** May be called more than once for a delivery: it adds one row. */
  run({ delivery, submission, site }: Errand): Promise<void> {
    return this.sheets.add(site, delivery.target, delivery.id, submission);
  }
}
