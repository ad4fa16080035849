import path from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import SqliteDatabase from 'better-sqlite3';
import { KnurlServer } from './knurl-server';

test('a page that cannot be made says that nothing is lost, and comes back when the cause is gone', async ({
  page,
}) => {
  const server = await KnurlServer.start();
  try {
    const created = await page.request.post(`${server.url}/api/runs`, { data: { title: 'Ferry', list: 'Odalys' } });
    const { id } = (await created.json()) as { id: string };
    const database = new SqliteDatabase(path.join(server.dataDir, 'knurl.sqlite'));
    const { spec_json } = database.prepare('SELECT spec_json FROM run').get() as { spec_json: string };
    database.prepare('UPDATE run SET spec_json = ?').run('{"format": "something else"}');
    await page.goto(`${server.url}/runs/${id}/fit`);
    // A run that cannot be read is no mistake of the program’s, and says so itself.
    await expect(page.getByRole('heading', { name: 'The run cannot be read' })).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    expect((await page.request.get(`${server.url}/api/runs/${id}`)).status()).toBe(409);
    database.prepare('UPDATE run SET spec_json = ?').run(spec_json);
    // What no fault explains is one.
    database.exec('ALTER TABLE release RENAME TO release_gone');
    await page.goto(`${server.url}/runs/${id}/fit`);
    await expect(page.getByRole('heading', { name: 'This page did not come up' })).toBeVisible();
    await expect(page.getByText('What was saved is safe')).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    expect((await page.request.get(`${server.url}/api/runs/${id}/tally`)).status()).toBe(500);
    database.exec('ALTER TABLE release_gone RENAME TO release');
    database.close();
    await page.reload();
    await expect(page.getByTestId('fit')).toHaveCount(1);
  } finally {
    await server.stop();
  }
});
