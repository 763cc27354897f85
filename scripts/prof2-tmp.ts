import { readdirSync, readFileSync } from "node:fs";
import { originalFromBytes, sourceOf } from "../core/page/original.ts";
import { readPage } from "../core/page/read.ts";
import { parseSource } from "../core/page/parse.ts";
import { RULES } from "../core/rules/catalogue.ts";
import { audit } from "../core/rules/audit.ts";
import { DEFAULT_HOUSE_STYLE, settingsFor } from "../core/rules/house-style.ts";
const context = { phrase: "lightship opening times", houseStyle: DEFAULT_HOUSE_STYLE, today: "2026-11-23" };
const folder=process.argv[2]!; const every=Number(process.argv[3]??1); const times=Number(process.argv[4]??3);
const files=readdirSync(folder,{recursive:true,encoding:"utf8"}).filter(f=>f.endsWith(".html")).filter((_,i)=>i%every===0).map(f=>sourceOf(originalFromBytes(new Uint8Array(readFileSync(`${folder}/${f}`)))));
let tp=0,tr=0,ta=0; const per=new Map<string,number>();
for(let r=0;r<times+2;r++){
 if(r===2){tp=tr=ta=0;per.clear();}
 for(const s of files){
  let t=performance.now(); parseSource(s); tp+=performance.now()-t;
  t=performance.now(); const page=readPage(s,{address:"https://www.example/a"}); tr+=performance.now()-t;
  
  t=performance.now(); audit(readPage(s,{address:"https://www.example/a"}),context); ta+=performance.now()-t;
 }
}
console.log("parse",tp.toFixed(0),"read",tr.toFixed(0),"read+audit",ta.toFixed(0), files.length);
console.log([...per].sort((a,b)=>b[1]-a[1]).slice(0,22).map(([r,t])=>`${r} ${t.toFixed(1)}`).join("\n"));
