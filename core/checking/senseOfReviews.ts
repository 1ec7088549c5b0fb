import { finding, shortText, type Finding } from '#core/fault';
import { itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { fold } from '#core/text';
import { areOf } from '#core/vocabulary';

/**
 * A review by nobody, or by the business that it is about (`owner`, what holds the review), or without what it gives:
 * search engines show none of them.
 */
export function judgeReview(item: ReadItem, owner: ReadItem | undefined): readonly Finding[] {
  if (!areOf(item.types, 'Review') || item.properties.length === 0) return [];
  const tell = (code: Finding['code'], message: string, property: string): Finding =>
    finding(code, message, item.typePlace, property);
  const found: Finding[] = [];
  if (valuesOf(item, 'author').length === 0)
    found.push(
      tell(
        'guideline/review-author',
        'A review without its author is not shown by search engines. Say who wrote it.',
        'author',
      ),
    );
  const reviewed = itemsOf(item, 'itemReviewed')[0] ?? owner;
  const name = reviewed ? textOf(reviewed, 'name').trim() : '';
  const author = itemsOf(item, 'author')[0];
  const by = (author ? textOf(author, 'name') : textOf(item, 'author')).trim();
  const isOwn = (author !== undefined && author === reviewed) || (name !== '' && fold(by) === fold(name));
  if (isOwn)
    found.push(
      tell(
        'guideline/review-author',
        `“${shortText(name)}” reviews itself here. Name the customer who wrote the review, or leave it out.`,
        'author',
      ),
    );
  if (valuesOf(item, 'reviewRating').length === 0)
    found.push(
      tell(
        'guideline/worth-having',
        'reviewRating is not given. Search engines show no review without the stars that its author gave.',
        'reviewRating',
      ),
    );
  return found;
}
