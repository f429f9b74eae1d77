import { NotFoundException } from '@nestjs/common';
import type { DataSource } from 'typeorm';
import { WidgetEntity } from './widgets.entity.js';

/** A widget by its id, whoever asks; with `withDeleted`, one that is put aside too. */
export async function findWidget(
  dataSource: DataSource,
  id: string,
  withDeleted = false,
): Promise<WidgetEntity> {
  const widget = await dataSource.getRepository(WidgetEntity).findOne({ where: { id }, withDeleted });
  if (!widget) throw new NotFoundException('There is no such widget. It may have been deleted.');
  return widget;
}
