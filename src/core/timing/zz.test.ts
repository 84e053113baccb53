import { compile } from './compile';
import { GROUP_ALONE } from './walk';
import { plainPhrases } from './cues';
test('x',()=>{
 const r:any={"id":"routine","title":"!","group":"desk","notes":[],"pace":{},"sections":{"warm-up":[{"kind":"item","moveId":"split-stance-hip-stretch","dose":{"kind":"hold","holdMs":17000,"sets":1},"press":{"pressMs":7000,"times":1},"id":"i1"}],"main":[],"settle":[]}};
 const s=compile(r,GROUP_ALONE,plainPhrases);
 console.log(JSON.stringify(s.segments.map(x=>[x.kind,x.startMs,x.endMs,x.cues]),null,1));
});
