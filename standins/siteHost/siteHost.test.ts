import { expect, test } from '@jest/globals';
import request from 'supertest';
import { sitesFolder } from '#demo';
import { siteHost } from './main.ts';

test('the site host serves the demo sites under their domains and nothing outside them', async () => {
  const app = siteHost(sitesFolder);
  const page = await request(app).get('/larkspurvane.example/quay-street.html');
  expect(page.status).toBe(200);
  expect(page.text).toContain('(360) 555-0119');
  expect(page.headers['content-type']).toBe('text/html');
  expect((await request(app).get('/larkspurvane.example/none.html')).status).toBe(404);
  expect((await request(app).get('/..%2findex.ts')).status).toBeGreaterThanOrEqual(400);
});
