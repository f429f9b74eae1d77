/** The site's one style sheet. */
export const siteCss = `
@font-face{font-family:Fraunces;src:url(/fonts/fraunces.woff2) format("woff2");font-weight:100 900;font-display:swap}
@font-face{font-family:Figtree;src:url(/fonts/figtree.woff2) format("woff2");font-weight:300 900;font-display:swap}
:root{--night:#171a48;--deep:#0d0e2e;--lamp:#ffb547;--moon:#f7f5fb;--ink:#22223b;--quiet:#5a5a78;--line:#dcd8e8}
*{box-sizing:border-box}
html{scroll-behavior:smooth}
body{margin:0;font:400 17px/1.6 Figtree,sans-serif;color:var(--ink);background:var(--moon)}
h1,h2,h3{font-family:Fraunces,serif;font-weight:600;line-height:1.15;margin:0 0 .5em;letter-spacing:-.01em;text-wrap:balance}
h1{font-size:clamp(34px,5vw,54px)}h2{font-size:28px}h3{font-size:21px}
p{margin:0 0 1em;text-wrap:pretty}a{color:#3d3f9e;text-underline-offset:3px}
.skip{position:absolute;left:-999px}.skip:focus{left:16px;top:8px;background:#fff;padding:8px 12px;z-index:9}
.wide{max-width:1120px;margin:0 auto;padding:0 32px}
.top{background:var(--deep);color:#fff}
.top .wide{display:flex;align-items:center;justify-content:space-between;gap:24px;min-height:72px;flex-wrap:wrap}
.name{display:flex;gap:12px;align-items:center;color:#fff;text-decoration:none;font:600 19px/1.05 Fraunces,serif}
.name small{font:500 11.5px/1.3 Figtree,sans-serif;letter-spacing:.16em;text-transform:uppercase;color:#b9bbe6}
nav{display:flex;gap:4px;flex-wrap:wrap}
.member{background:#23255c;color:#fff;font-size:15px;padding:8px max(28px,calc(50vw - 528px));text-align:end}.member:empty{display:none}.member button{font:inherit;color:inherit;background:none;border:0;text-decoration:underline;cursor:pointer;padding:4px}
nav a{color:#dfe0fb;text-decoration:none;padding:9px 12px;border-radius:99px;font-size:15.5px}
nav a:hover{background:#23255c}nav a[aria-current]{background:#23255c;color:var(--lamp)}
:focus-visible{outline:2px solid var(--lamp);outline-offset:3px}
.hero{position:relative;background:var(--night);color:#fff;overflow:hidden;min-height:480px;display:flex;align-items:flex-start}
.hero .dome{position:absolute;inset:0;width:100%;height:100%}
.hero .wide{position:relative;width:100%;padding-top:76px;padding-bottom:150px}
.hero.low{min-height:400px}.hero.low .wide{padding-bottom:190px}
.hero h1{max-width:12em}.hero p{max-width:33em;font-size:19px;color:#e3e4fb}
.pill{display:inline-block;background:var(--lamp);color:#231703;padding:12px 22px;border-radius:99px;font-weight:650;text-decoration:none}
.pill{border:0;font:650 17px/1.6 Figtree,sans-serif;cursor:pointer}.pill:hover{background:#ffc76d}
section.band{padding:64px 0}.band.tint{background:#ebe8f5}
.two{display:grid;grid-template-columns:1fr 1fr;gap:48px;align-items:center}
.cards{display:grid;grid-template-columns:repeat(auto-fit,minmax(260px,1fr));gap:28px}
.card{background:#fff;border:1px solid var(--line);border-radius:14px;overflow:hidden;display:flex;flex-direction:column}
.card .art{width:100%;aspect-ratio:4/3;display:block}.card div{padding:20px 22px 22px}.card p{margin:0;color:var(--quiet);font-size:15.5px}
.card h3 a{color:inherit;text-decoration:none}.card h3 a:hover{text-decoration:underline}
.moons{width:100%;background:var(--night);border-radius:14px;padding:26px 22px}
table{border-collapse:collapse;width:100%;font-size:16px}td,th{text-align:left;padding:10px 0;border-bottom:1px solid var(--line)}td:last-child{text-align:right;font-variant-numeric:tabular-nums}
article.read{max-width:680px;margin:0 auto;padding:64px 32px 88px}
article.read .lead{font-size:20px;color:var(--quiet)}
article.read h2{margin-top:1.6em}
article.read figure{margin:32px 0}article.read figure .art{width:100%;border-radius:14px;aspect-ratio:16/9}
figcaption{font-size:14.5px;color:var(--quiet);margin-top:8px}
.by{font-size:14.5px;color:var(--quiet);margin-bottom:28px}
.product{display:grid;grid-template-columns:1fr 1fr;gap:56px;padding-top:56px;padding-bottom:88px;align-items:start}
.product .art{width:100%;border-radius:14px}
.price{font:600 28px Fraunces,serif;margin-bottom:.6em}
footer{background:var(--deep);color:#c3c5ea;font-size:15px;padding:44px 0}
footer .wide{display:grid;grid-template-columns:repeat(auto-fit,minmax(220px,1fr));gap:28px}footer p{margin:0}footer a{color:var(--lamp)}
@media (max-width:760px){.top .wide{padding-block:12px;gap:8px}.two,.product{grid-template-columns:1fr;gap:28px}.wide{padding:0 20px}.hero .wide{padding-top:44px}nav a{padding:9px 10px}}
@media (prefers-reduced-motion:reduce){html{scroll-behavior:auto}}
`;
