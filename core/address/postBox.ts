/** What a post office box is called before its number, the source of a regular expression (flags `iu`). */
export const postBoxWords =
  'p\\.? ?o\\.? ?box|post office box|postfach|bo[iî]te postale|b\\.? ?p\\.?(?= ?\\d)|apartado(?: postal| de correos)?|apdo\\.?|casella postale|postbus|caixa postal|skrytka pocztowa|postboks|box(?= \\d)|postilokero|pl(?= \\d)|私書箱|(?:郵政)?信箱|사서함|а\\/я|абонентск\\p{L}*|τ\\.? ?θ\\.?|ตู้ ?ปณ|ת\\.? ?ד\\.?|ص\\.? ?ب';
