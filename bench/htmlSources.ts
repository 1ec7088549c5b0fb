/** Pages with everything that HTML can have wrong: where mutated ones begin. */
export const htmlSources: readonly string[] = [
  '<!doctype html><html lang="en"><head><meta charset="utf-8"><title>A &amp; B</title><style>p{}</style></head><body class=x><p>One<p>Two <b>bold <i>both</b> it</i></p><div><a href="/a">x<a href=b>y</a></div></body></html>',
  '<!doctype html><table><tr><td>a<td>b<tr><th>c</table>text<table><caption>cap<b>d</caption><col><tbody><tr><td><p>x<table><tr><td>in</table></table>',
  '<ul><li>a<li>b<ul><li>c</ul><li>d</ul><dl><dt>x<dd>y<dt>z</dl><h1>head<h2>two</h1>',
  '<!doctype html><svg viewBox="0 0 1 1"><title>t<b>x</b></title><path d="M0"/><foreignObject><p>h</foreignObject><a><text>q</a></svg><math><mi>x<p>y</mi><mo>+</math>',
  '<form><input type=hidden><button>a<button>b</button></form><p><object><p>x</object></p><pre>\n\nx</pre><textarea>\n<b></textarea>',
  '<!doctype html><div><b><p>x</b>y</p></div><i><b><div>1</i>2</b>3</div><font color=red><p>a<p>b</font><em><u><s>x</em>y</u>z</s>',
  '<table><b>foster</b>text<tr><td>x</td></tr> <a>y</a></table><table><form><input><tr></form></table>',
  '<!doctype html><script>var a="<!--<script>x</script>-->";</script><script type="application/ld+json">{"a":1}</script><noscript><p>no</p></noscript><template><tr><td>t</td></tr><p>x</template>',
  '<p>a<br/>b</br>c<hr><img src=a alt="x>y"><wbr></p></p><address>q</address><center>z</center><iframe><b></iframe>',
  '<!-- c --><!-->x<!--->y<!-- a -- b --!>z<![CDATA[q]]><?php x ?></ a></><//>&lt;&ampx;&notit;&copy &#65;&#x41;&unknown;',
  '<ruby>a<rb>b<rt>c<rtc>d<rp>e</ruby><nobr>a<nobr>b</nobr><marquee><b>x</marquee>y',
  '<!doctype html><body><div itemscope itemtype="https://schema.org/Store"><span itemprop="name">A</span><meta itemprop=telephone content="1"></div></body><p>after</html>more',
  '<html><head></head><meta name=a><title>late</title><body a=1><body a=2 b=3><html c=4>',
  '<dd>x<dt>y<li>z<address><li>w</address></li><details><summary>a</details><h3><div>x</h3>',
  '<!DOCTYPE html PUBLIC "-//W3C//DTD HTML 4.01 Transitional//EN"><p><table><td>q</table><frameset><frame></frameset>',
];
