import { SKYLINE_CLASSES, skylineScene } from '@/testing/skyline-scenes';
import { simulated, tried } from '@/testing/skyline-trials';
import { LANDSCAPES, type LandscapeName } from '@/core/scene';
let n=0,c=0,ok=0; const bad:string[]=[];
for (let s=1001;s<1040;s++) { for (const [k,make] of [...SKYLINE_CLASSES.map(k=>[k,()=>skylineScene(k,s)] as const),...(Object.keys(LANDSCAPES) as LandscapeName[]).map(k=>[k,()=>simulated(k,s)] as const)]) { const t=tried(make()); n++; if(t.hasSky&&t.confidence>=.7){c++; if(t.error<.03)ok++; else bad.push(`${k} ${s} ${t.confidence.toFixed(2)} ${t.error.toFixed(3)}`);} } console.log(s,n,c,ok,bad.join('; ')); }
