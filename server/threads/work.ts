/** What the server's threads do, each task by its name. */
import { removeFromBytes } from '#core/page';
import { planPage } from '#core/site';
import { judgeSent } from '#outside/livePage.ts';
import { readPhoto } from '#outside/stamper.ts';
import { heicThumbnail } from './heicWork.ts';
import { readImport } from './importWork.ts';
import { matchPages } from './matchWork.ts';
import { linksOn, placeOn, readPage } from './pageWork.ts';
import { readText, showSource } from './textWork.ts';
import { tellBegun, type Begun } from './begun.ts';
import { comparePicture, pictureOnPage, stampPhoto } from './photoWork.ts';

const tasks = {
  read: readPage,
  place: placeOn,
  remove: removeFromBytes,
  import: readImport,
  live: judgeSent,
  plan: planPage,
  match: matchPages,
  photo: readPhoto,
  stamp: stampPhoto,
  heic: heicThumbnail,
  links: linksOn,
  picture: comparePicture,
  shown: pictureOnPage,
  text: readText,
  source: showSource,
} as const;

export type Tasks = typeof tasks;
export type TaskName = keyof Tasks;

/** One of the tasks with what it takes. */
export type Task = {
  [Name in TaskName]: { readonly name: Name; readonly words: Parameters<Tasks[Name]> };
}[TaskName];

/** Does one task. */
export default function work({ begun, name, words }: Begun<Task>): unknown {
  tellBegun({ begun });
  return Reflect.apply(tasks[name], undefined, words);
}
