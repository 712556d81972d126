/* Made of the schemas by `npm run validators`. */
const be=A,te={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
]{1,32}$"},crop:{type:"number",minimum:1,maximum:4},time:{oneOf:[{type:"object",properties:{mode:{const:"auto"}},required:[
"mode"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},click:{type:"integer",minimum:-39,maximum:18}},
required:["mode","click"],additionalProperties:!1}]},iso:{oneOf:[{type:"object",properties:{mode:{const:"auto"}},required:[
"mode"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},click:{type:"integer",minimum:-6,maximum:24}},
required:["mode","click"],additionalProperties:!1}]},compClicks:{type:"number",multipleOf:.5,minimum:-18,maximum:18},meter:{
type:"object",properties:{pattern:{enum:["whole","centre","spot","highlights"]},spot:{type:"object",properties:{x:{type:"\
number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1},lockedEv100:{
type:["number","null"],minimum:-20,maximum:30}},required:["pattern","spot","lockedEv100"],additionalProperties:!1},support:{
enum:["hand","tripod"]},stabiliserStops:{type:"integer",minimum:0,maximum:5},filterStops:{type:"integer",minimum:0,maximum:10},
torch:{type:"boolean"},flash:{enum:["off","begin","end"]},subject:{enum:["scene","still","walking","running","vehicle"]},
mainsHz:{enum:[50,60]},sizeMp:{enum:[12,3]},focus:{oneOf:[{type:"object",properties:{mode:{const:"auto"},spot:{type:"obj\
ect",properties:{x:{type:"number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1},
follow:{type:"boolean"}},required:["mode","spot","follow"],additionalProperties:!1},{type:"object",properties:{mode:{const:"\
held"},dioptres:{type:"number",minimum:-1,maximum:25}},required:["mode","dioptres"],additionalProperties:!1}]},white:{oneOf:[
{type:"object",properties:{mode:{const:"auto"},locked:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"num\
ber",minimum:2e3,maximum:12e3},tint:{type:"number",minimum:-30,maximum:30}},required:["kelvin","tint"],additionalProperties:!1}]}},
required:["mode","locked"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},kelvin:{type:"number",
minimum:2e3,maximum:12e3},tint:{type:"number",minimum:-30,maximum:30}},required:["mode","kelvin","tint"],additionalProperties:!1}]},
files:{enum:["dng","dng+jpeg","jpeg","tiff","png"]},jpegQuality:{type:"integer",minimum:60,maximum:100},average:{oneOf:[
{const:1},{type:"integer",minimum:4,maximum:64}]},aspect:{enum:["4:3","3:2","16:9","1:1"]},series:{oneOf:[{type:"object",
properties:{kind:{const:"single"}},required:["kind"],additionalProperties:!1},{type:"object",properties:{kind:{const:"br\
acket"},frames:{type:"integer",minimum:2,maximum:9},stepClicks:{type:"integer",minimum:1,maximum:9},order:{enum:["middle\
-first","dark-first","bright-first"]}},required:["kind","frames","stepClicks","order"],additionalProperties:!1},{type:"o\
bject",properties:{kind:{const:"burst"},frames:{type:"integer",minimum:3,maximum:60}},required:["kind","frames"],additionalProperties:!1},
{type:"object",properties:{kind:{const:"focus"},places:{oneOf:[{type:"null"},{type:"array",items:{type:"number",minimum:-1,
maximum:25},maxItems:30}]},nearDioptres:{type:"number",minimum:-1,maximum:25},farDioptres:{type:"number",minimum:-1,maximum:25},
overlap:{type:"number",minimum:0,maximum:.8}},required:["kind","places","nearDioptres","farDioptres","overlap"],additionalProperties:!1},
{type:"object",properties:{kind:{const:"interval"},everyS:{type:"integer",minimum:1,maximum:3600},frames:{type:"integer",
minimum:2,maximum:999},exposure:{enum:["held","metered"]},lightS:{type:"integer",minimum:0,maximum:86400}},required:["ki\
nd","everyS","frames","exposure","lightS"],additionalProperties:!1},{type:"object",properties:{kind:{const:"long"},totalS:{
type:"integer",minimum:30,maximum:7200},gather:{enum:["mean","sum","brightest"]}},required:["kind","totalS","gather"],additionalProperties:!1}]},
delayS:{enum:[0,2,3,10,20]}},required:["version","lens","crop","time","iso","compClicks","meter","support","stabiliserSt\
ops","filterStops","torch","flash","subject","mainsHz","sizeMp","focus","white","files","jpegQuality","average","aspect",
"series","delayS"],additionalProperties:!1},ce=Object.prototype.hasOwnProperty,we=new RegExp("^[a-z0-9-]{1,32}$","u");function A(o,{
instancePath:s="",parentData:fe,parentDataProperty:ue,rootData:de=o}={}){let r=null,e=0;if(e===0)if(o&&typeof o=="object"&&
!Array.isArray(o)){let v;if(o.version===void 0&&(v="version")||o.lens===void 0&&(v="lens")||o.crop===void 0&&(v="crop")||
o.time===void 0&&(v="time")||o.iso===void 0&&(v="iso")||o.compClicks===void 0&&(v="compClicks")||o.meter===void 0&&(v="m\
eter")||o.support===void 0&&(v="support")||o.stabiliserStops===void 0&&(v="stabiliserStops")||o.filterStops===void 0&&(v=
"filterStops")||o.torch===void 0&&(v="torch")||o.flash===void 0&&(v="flash")||o.subject===void 0&&(v="subject")||o.mainsHz===
void 0&&(v="mainsHz")||o.sizeMp===void 0&&(v="sizeMp")||o.focus===void 0&&(v="focus")||o.white===void 0&&(v="white")||o.
files===void 0&&(v="files")||o.jpegQuality===void 0&&(v="jpegQuality")||o.average===void 0&&(v="average")||o.aspect===void 0&&
(v="aspect")||o.series===void 0&&(v="series")||o.delayS===void 0&&(v="delayS"))return A.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:v}}],!1;{const W=e;for(const i in o)if(!ce.call(te.properties,i)){
return A.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:i}}],
!1;break}if(W===e){if(o.version!==void 0){const i=e;if(o.version!==8)return A.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var a=i===e}else var a=!0;if(a){if(o.lens!==void 0){
let i=o.lens;const V=e;if(e===V)if(typeof i=="string"){if(!we.test(i))return A.errors=[{instancePath:s+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return A.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var a=V===e}else var a=!0;if(a){if(o.
crop!==void 0){let i=o.crop;const V=e;if(e===V)if(typeof i=="number"&&isFinite(i)){if(i>4||isNaN(i))return A.errors=[{instancePath:s+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(i<1||isNaN(i))
return A.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return A.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var a=V===e}else var a=!0;if(a){if(o.time!==void 0){let i=o.time;const V=e,B=e;let j=!1,L=null;const H=e;if(e===
H)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")){const C={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;
for(const n in i)if(n!=="mode"){const c={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e&&i.mode!==
void 0&&i.mode!=="auto"){const n={instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const f={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var M=H===e;M&&(j=!0,
L=0);const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.click===void 0&&
(f="click")){const C={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="mode"||n==="click")){const c={
instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const c={
instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[c]:r.push(c),e++}var S=n===e}else var S=!0;if(S)if(i.click!==void 0){let n=i.click;const c=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const d={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[d]:r.push(d),e++}if(e===c&&typeof n=="number"&&
isFinite(n)){if(n>18||isNaN(n)){const d={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[d]:r.push(d),e++}else if(n<-39||isNaN(n)){
const d={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[d]:r.push(d),e++}}var S=c===e}else var S=!0}}}else{const f={instancePath:s+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}
var M=K===e;if(M&&j?(j=!1,L=[L,1]):M&&(j=!0,L=1),j)e=B,r!==null&&(B?r.length=B:r=null);else{const f={instancePath:s+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:L}};return r===null?r=[f]:r.push(f),e++,
A.errors=r,!1}var a=V===e}else var a=!0;if(a){if(o.iso!==void 0){let i=o.iso;const V=e,B=e;let j=!1,L=null;const H=e;if(e===
H)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")){const C={instancePath:s+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;
for(const n in i)if(n!=="mode"){const c={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e&&i.mode!==void 0&&
i.mode!=="auto"){const n={instancePath:s+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const f={instancePath:s+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var J=H===e;J&&(j=!0,L=0);
const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.click===void 0&&
(f="click")){const C={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="mode"||n==="click")){const c={instancePath:s+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const c={instancePath:s+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[c]:r.push(c),e++}var R=n===e}else var R=!0;if(R)if(i.click!==void 0){let n=i.click;const c=e;if(!(typeof n=="num\
ber"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const d={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[d]:r.push(d),e++}if(e===c&&typeof n=="number"&&isFinite(
n)){if(n>24||isNaN(n)){const d={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[d]:r.push(d),e++}else if(n<-6||isNaN(n)){const d={instancePath:s+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[d]:r.push(d),e++}}var R=c===e}else var R=!0}}}else{const f={instancePath:s+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var J=K===e;if(J&&j?(j=!1,L=[L,1]):
J&&(j=!0,L=1),j)e=B,r!==null&&(B?r.length=B:r=null);else{const f={instancePath:s+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:L}};return r===null?r=[f]:r.push(f),e++,A.errors=r,!1}var a=V===e}else var a=!0;
if(a){if(o.compClicks!==void 0){let i=o.compClicks;const V=e;if(e===V)if(typeof i=="number"&&isFinite(i)){if(i>18||isNaN(
i))return A.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(i<-18||isNaN(i))return A.errors=[{instancePath:s+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let j;if(j=i/.5,j!==parseInt(j))return A.
errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return A.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var a=V===e}else var a=!0;if(a){if(o.meter!==void 0){let i=o.meter;const V=e;if(e===V)if(i&&typeof i==
"object"&&!Array.isArray(i)){let j;if(i.pattern===void 0&&(j="pattern")||i.spot===void 0&&(j="spot")||i.lockedEv100===void 0&&
(j="lockedEv100"))return A.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:j}}],!1;{const L=e;for(const H in i)if(!(H==="pattern"||H==="spot"||H==="lockedEv100")){return A.
errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:H}}],!1;break}if(L===e){if(i.pattern!==void 0){let H=i.pattern;const K=e;if(!(H==="whole"||H==="centr\
e"||H==="spot"||H==="highlights"))return A.errors=[{instancePath:s+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:te.properties.meter.properties.pattern.enum}}],!1;var _=K===e}else
var _=!0;if(_){if(i.spot!==void 0){let H=i.spot;const K=e;if(e===K)if(H&&typeof H=="object"&&!Array.isArray(H)){let f;if(H.
x===void 0&&(f="x")||H.y===void 0&&(f="y"))return A.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:f}}],!1;{const C=e;for(const n in H)if(!(n==="x"||
n==="y")){return A.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:n}}],!1;break}if(C===e){if(H.x!==void 0){let n=H.x;const c=e;
if(e===c)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return A.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(n<0||
isNaN(n))return A.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return A.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var w=c===e}else var w=!0;
if(w)if(H.y!==void 0){let n=H.y;const c=e;if(e===c)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return A.errors=
[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(n<0||isNaN(n))return A.errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return A.
errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var w=c===e}else var w=!0}}}else return A.errors=[{instancePath:s+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var _=K===e}else var _=!0;if(_)if(i.
lockedEv100!==void 0){let H=i.lockedEv100;const K=e;if(!(typeof H=="number"&&isFinite(H))&&H!==null)return A.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:te.properties.
meter.properties.lockedEv100.type}}],!1;if(e===K&&typeof H=="number"&&isFinite(H)){if(H>30||isNaN(H))return A.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(H<-20||isNaN(H))return A.errors=[{instancePath:s+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var _=K===e}else var _=!0}}}}else
return A.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var a=V===e}else var a=!0;if(a){if(o.support!==void 0){let i=o.support;const V=e;if(!(i==="hand"||i==="tripod"))return A.
errors=[{instancePath:s+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:te.properties.
support.enum}}],!1;var a=V===e}else var a=!0;if(a){if(o.stabiliserStops!==void 0){let i=o.stabiliserStops;const V=e;if(!(typeof i==
"number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return A.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===V&&typeof i=="number"&&isFinite(i)){if(i>5||isNaN(
i))return A.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(i<0||isNaN(i))return A.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var a=V===e}else var a=!0;
if(a){if(o.filterStops!==void 0){let i=o.filterStops;const V=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))
return A.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===V&&typeof i=="number"&&isFinite(i)){if(i>10||isNaN(i))return A.errors=[{instancePath:s+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(i<0||isNaN(
i))return A.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var a=V===e}else var a=!0;if(a){if(o.torch!==void 0){const i=e;if(typeof o.torch!="boolean")
return A.errors=[{instancePath:s+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var a=i===e}else var a=!0;if(a){if(o.flash!==void 0){let i=o.flash;const V=e;if(!(i==="off"||i==="begin"||i==="end"))
return A.errors=[{instancePath:s+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:te.properties.
flash.enum}}],!1;var a=V===e}else var a=!0;if(a){if(o.subject!==void 0){let i=o.subject;const V=e;if(!(i==="scene"||i===
"still"||i==="walking"||i==="running"||i==="vehicle"))return A.errors=[{instancePath:s+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:te.properties.subject.enum}}],!1;var a=V===e}else var a=!0;if(a){if(o.
mainsHz!==void 0){let i=o.mainsHz;const V=e;if(!(i===50||i===60))return A.errors=[{instancePath:s+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:te.properties.mainsHz.enum}}],!1;var a=V===e}else var a=!0;
if(a){if(o.sizeMp!==void 0){let i=o.sizeMp;const V=e;if(!(i===12||i===3))return A.errors=[{instancePath:s+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:te.properties.sizeMp.enum}}],!1;var a=V===e}else var a=!0;
if(a){if(o.focus!==void 0){let i=o.focus;const V=e,B=e;let j=!1,L=null;const H=e;if(e===H)if(i&&typeof i=="object"&&!Array.
isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.spot===void 0&&(f="spot")||i.follow===void 0&&(f="follow")){const C={
instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="mode"||n==="spot"||n==="follow")){const c={instancePath:s+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="auto"){const c={instancePath:s+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[c]:r.push(c),e++}var $=n===e}else var $=!0;if($){if(i.spot!==void 0){let n=i.spot;const c=e;if(e===c)if(n&&typeof n==
"object"&&!Array.isArray(n)){let d;if(n.x===void 0&&(d="x")||n.y===void 0&&(d="y")){const x={instancePath:s+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:d}};r===null?
r=[x]:r.push(x),e++}else{const x=e;for(const z in n)if(!(z==="x"||z==="y")){const g={instancePath:s+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:z}};
r===null?r=[g]:r.push(g),e++;break}if(x===e){if(n.x!==void 0){let z=n.x;const g=e;if(e===g)if(typeof z=="number"&&isFinite(
z)){if(z>1||isNaN(z)){const O={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[O]:r.push(O),e++}else if(z<0||isNaN(z)){
const O={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[O]:r.push(O),e++}}else{const O={instancePath:s+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[O]:r.push(
O),e++}var X=g===e}else var X=!0;if(X)if(n.y!==void 0){let z=n.y;const g=e;if(e===g)if(typeof z=="number"&&isFinite(z)){
if(z>1||isNaN(z)){const D={instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[D]:r.push(D),e++}else if(z<0||isNaN(z)){const D={
instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[D]:r.push(D),e++}}else{const D={instancePath:s+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[D]:r.push(
D),e++}var X=g===e}else var X=!0}}}else{const d={instancePath:s+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[d]:r.push(d),e++}var $=c===e}else var $=!0;if($)if(i.
follow!==void 0){const n=e;if(typeof i.follow!="boolean"){const Z={instancePath:s+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[Z]:r.push(Z),e++}var $=n===
e}else var $=!0}}}}else{const f={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var P=H===e;P&&(j=!0,L=0);const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.
isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.dioptres===void 0&&(f="dioptres")){const C={instancePath:s+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),
e++}else{const C=e;for(const n in i)if(!(n==="mode"||n==="dioptres")){const c={instancePath:s+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:
r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const c={instancePath:s+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[c]:r.push(c),
e++}var m=n===e}else var m=!0;if(m)if(i.dioptres!==void 0){let n=i.dioptres;const c=e;if(e===c)if(typeof n=="number"&&isFinite(
n)){if(n>25||isNaN(n)){const d={instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[d]:r.push(d),e++}else if(n<-1||isNaN(n)){const d={
instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[d]:r.push(d),e++}}else{const d={instancePath:s+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[d]:r.push(d),e++}var m=c===
e}else var m=!0}}}else{const f={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var P=K===e;if(P&&j?(j=!1,L=[L,1]):P&&(j=!0,L=1),j)e=B,r!==null&&(B?r.length=
B:r=null);else{const f={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:L}};
return r===null?r=[f]:r.push(f),e++,A.errors=r,!1}var a=V===e}else var a=!0;if(a){if(o.white!==void 0){let i=o.white;const V=e,
B=e;let j=!1,L=null;const H=e;if(e===H)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")||
i.locked===void 0&&(f="locked")){const C={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="mode"||n===
"locked")){const c={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;
if(i.mode!=="auto"){const c={instancePath:s+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[c]:r.push(c),e++}var T=n===e}else var T=!0;if(T)if(i.locked!==
void 0){let n=i.locked;const c=e,Z=e;let d=!1,x=null;const z=e;if(n!==null){const D={instancePath:s+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[D]:r.push(D),
e++}var Q=z===e;Q&&(d=!0,x=0);const g=e;if(e===g)if(n&&typeof n=="object"&&!Array.isArray(n)){let D;if(n.kelvin===void 0&&
(D="kelvin")||n.tint===void 0&&(D="tint")){const I={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:D}};r===null?r=[I]:r.push(I),e++}else{const I=e;
for(const ee in n)if(!(ee==="kelvin"||ee==="tint")){const re={instancePath:s+"/white/locked",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:ee}};
r===null?r=[re]:r.push(re),e++;break}if(I===e){if(n.kelvin!==void 0){let ee=n.kelvin;const re=e;if(e===re)if(typeof ee==
"number"&&isFinite(ee)){if(ee>12e3||isNaN(ee)){const Y={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/w\
hite/oneOf/0/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};
r===null?r=[Y]:r.push(Y),e++}else if(ee<2e3||isNaN(ee)){const Y={instancePath:s+"/white/locked/kelvin",schemaPath:"#/pro\
perties/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",limit:2e3}};
r===null?r=[Y]:r.push(Y),e++}}else{const Y={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/white/oneOf/0\
/properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[Y]:r.push(Y),e++}var u=re===
e}else var u=!0;if(u)if(n.tint!==void 0){let ee=n.tint;const re=e;if(e===re)if(typeof ee=="number"&&isFinite(ee)){if(ee>
30||isNaN(ee)){const ie={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/on\
eOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[ie]:r.push(ie),e++}else if(ee<
-30||isNaN(ee)){const ie={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/o\
neOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===null?r=[ie]:r.push(ie),e++}}else{
const ie={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/propertie\
s/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[ie]:r.push(ie),e++}var u=re===e}else var u=!0}}}else{const D={
instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[D]:r.push(D),e++}var Q=g===e;if(Q&&d?(d=!1,x=[x,1]):Q&&(d=!0,x=1),d)e=Z,r!==null&&(Z?r.length=
Z:r=null);else{const D={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf",keyword:"\
oneOf",params:{passingSchemas:x}};r===null?r=[D]:r.push(D),e++}var T=c===e}else var T=!0}}}else{const f={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}
var p=H===e;p&&(j=!0,L=0);const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="\
mode")||i.kelvin===void 0&&(f="kelvin")||i.tint===void 0&&(f="tint")){const C={instancePath:s+"/white",schemaPath:"#/pro\
perties/white/oneOf/1/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;
for(const n in i)if(!(n==="mode"||n==="kelvin"||n==="tint")){const c={instancePath:s+"/white",schemaPath:"#/properties/w\
hite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),
e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const c={instancePath:s+"/white/mode",schemaPath:"\
#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[c]:r.push(c),
e++}var t=n===e}else var t=!0;if(t){if(i.kelvin!==void 0){let n=i.kelvin;const c=e;if(e===c)if(typeof n=="number"&&isFinite(
n)){if(n>12e3||isNaN(n)){const d={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvi\
n/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[d]:r.push(d),e++}else if(n<2e3||isNaN(n)){
const d={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"minim\
um",params:{comparison:">=",limit:2e3}};r===null?r=[d]:r.push(d),e++}}else{const d={instancePath:s+"/white/kelvin",schemaPath:"\
#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[d]:r.push(d),e++}var t=c===
e}else var t=!0;if(t)if(i.tint!==void 0){let n=i.tint;const c=e;if(e===c)if(typeof n=="number"&&isFinite(n)){if(n>30||isNaN(
n)){const d={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/maximum",keyword:"maxim\
um",params:{comparison:"<=",limit:30}};r===null?r=[d]:r.push(d),e++}else if(n<-30||isNaN(n)){const d={instancePath:s+"/w\
hite/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[d]:r.push(d),e++}}else{const d={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properti\
es/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[d]:r.push(d),e++}var t=c===e}else var t=!0}}}}else{const f={
instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[
f]:r.push(f),e++}var p=K===e;if(p&&j?(j=!1,L=[L,1]):p&&(j=!0,L=1),j)e=B,r!==null&&(B?r.length=B:r=null);else{const f={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:L}};return r===null?r=[f]:r.push(f),
e++,A.errors=r,!1}var a=V===e}else var a=!0;if(a){if(o.files!==void 0){let i=o.files;const V=e;if(!(i==="dng"||i==="dng+\
jpeg"||i==="jpeg"||i==="tiff"||i==="png"))return A.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/enum",
keyword:"enum",params:{allowedValues:te.properties.files.enum}}],!1;var a=V===e}else var a=!0;if(a){if(o.jpegQuality!==void 0){
let i=o.jpegQuality;const V=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return A.errors=[{instancePath:s+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],!1;if(e===V&&typeof i==
"number"&&isFinite(i)){if(i>100||isNaN(i))return A.errors=[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQ\
uality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(i<60||isNaN(i))return A.errors=[{instancePath:s+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",limit:60}}],!1}var a=V===
e}else var a=!0;if(a){if(o.average!==void 0){let i=o.average;const V=e,B=e;let j=!1,L=null;const H=e;if(i!==1){const f={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};r===null?
r=[f]:r.push(f),e++}var F=H===e;F&&(j=!0,L=0);const K=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i))){const f={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};r===null?
r=[f]:r.push(f),e++}if(e===K&&typeof i=="number"&&isFinite(i)){if(i>64||isNaN(i)){const f={instancePath:s+"/average",schemaPath:"\
#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=[f]:r.push(f),e++}else if(i<
4||isNaN(i)){const f={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/minimum",keyword:"minimum",params:{
comparison:">=",limit:4}};r===null?r=[f]:r.push(f),e++}}var F=K===e;if(F&&j?(j=!1,L=[L,1]):F&&(j=!0,L=1),j)e=B,r!==null&&
(B?r.length=B:r=null);else{const f={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{
passingSchemas:L}};return r===null?r=[f]:r.push(f),e++,A.errors=r,!1}var a=V===e}else var a=!0;if(a){if(o.aspect!==void 0){
let i=o.aspect;const V=e;if(!(i==="4:3"||i==="3:2"||i==="16:9"||i==="1:1"))return A.errors=[{instancePath:s+"/aspect",schemaPath:"\
#/properties/aspect/enum",keyword:"enum",params:{allowedValues:te.properties.aspect.enum}}],!1;var a=V===e}else var a=!0;
if(a){if(o.series!==void 0){let i=o.series;const V=e,B=e;let j=!1,L=null;const H=e;if(e===H)if(i&&typeof i=="object"&&!Array.
isArray(i)){let f;if(i.kind===void 0&&(f="kind")){const C={instancePath:s+"/series",schemaPath:"#/properties/series/oneO\
f/0/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)
if(n!=="kind"){const c={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/0/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e&&i.kind!==void 0&&i.kind!==
"single"){const n={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/0/properties/kind/const",keyword:"\
const",params:{allowedValue:"single"}};r===null?r=[n]:r.push(n),e++}}}else{const f={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var k=H===e;k&&(j=
!0,L=0);const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.kind===void 0&&(f="kind")||i.frames===
void 0&&(f="frames")||i.stepClicks===void 0&&(f="stepClicks")||i.order===void 0&&(f="order")){const C={instancePath:s+"/\
series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:
r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="kind"||n==="frames"||n==="stepClicks"||n==="order")){const c={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.kind!==void 0){const n=e;if(i.kind!=="bracket"){const c={instancePath:s+
"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/const",keyword:"const",params:{allowedValue:"brac\
ket"}};r===null?r=[c]:r.push(c),e++}var h=n===e}else var h=!0;if(h){if(i.frames!==void 0){let n=i.frames;const c=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const d={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneO\
f/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[d]:r.push(d),e++}if(e===c&&typeof n=="nu\
mber"&&isFinite(n)){if(n>9||isNaN(n)){const d={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/1/p\
roperties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[d]:r.push(d),e++}else if(n<2||
isNaN(n)){const d={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2}};r===null?r=[d]:r.push(d),e++}}var h=c===e}else var h=!0;if(h){if(i.stepClicks!==
void 0){let n=i.stepClicks;const c=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const d={instancePath:s+"\
/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/type",keyword:"type",params:{type:"int\
eger"}};r===null?r=[d]:r.push(d),e++}if(e===c&&typeof n=="number"&&isFinite(n)){if(n>9||isNaN(n)){const d={instancePath:s+
"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}};r===null?r=[d]:r.push(d),e++}else if(n<1||isNaN(n)){const d={instancePath:s+"/series/stepClicks",schemaPath:"\
#/properties/series/oneOf/1/properties/stepClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?
r=[d]:r.push(d),e++}}var h=c===e}else var h=!0;if(h)if(i.order!==void 0){let n=i.order;const c=e;if(!(n==="middle-first"||
n==="dark-first"||n==="bright-first")){const d={instancePath:s+"/series/order",schemaPath:"#/properties/series/oneOf/1/p\
roperties/order/enum",keyword:"enum",params:{allowedValues:te.properties.series.oneOf[1].properties.order.enum}};r===null?
r=[d]:r.push(d),e++}var h=c===e}else var h=!0}}}}}else{const f={instancePath:s+"/series",schemaPath:"#/properties/series\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var k=K===e;if(k&&j)j=!1,L=[L,1];else{
k&&(j=!0,L=1);const f=e;if(e===f)if(i&&typeof i=="object"&&!Array.isArray(i)){let n;if(i.kind===void 0&&(n="kind")||i.frames===
void 0&&(n="frames")){const c={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/2/required",keyword:"requi\
red",params:{missingProperty:n}};r===null?r=[c]:r.push(c),e++}else{const c=e;for(const Z in i)if(!(Z==="kind"||Z==="fram\
es")){const d={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/2/additionalProperties",keyword:"additiona\
lProperties",params:{additionalProperty:Z}};r===null?r=[d]:r.push(d),e++;break}if(c===e){if(i.kind!==void 0){const Z=e;if(i.
kind!=="burst"){const d={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/2/properties/kind/const",keyword:"\
const",params:{allowedValue:"burst"}};r===null?r=[d]:r.push(d),e++}var b=Z===e}else var b=!0;if(b)if(i.frames!==void 0){
let Z=i.frames;const d=e;if(!(typeof Z=="number"&&!(Z%1)&&!isNaN(Z)&&isFinite(Z))){const z={instancePath:s+"/series/fram\
es",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[
z]:r.push(z),e++}if(e===d&&typeof Z=="number"&&isFinite(Z)){if(Z>60||isNaN(Z)){const z={instancePath:s+"/series/frames",
schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:60}};
r===null?r=[z]:r.push(z),e++}else if(Z<3||isNaN(Z)){const z={instancePath:s+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:3}};r===null?r=[z]:r.push(z),e++}}
var b=d===e}else var b=!0}}}else{const n={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/2/type",keyword:"\
type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var k=f===e;if(k&&j)j=!1,L=[L,2];else{k&&(j=!0,L=2);const n=e;
if(e===n)if(i&&typeof i=="object"&&!Array.isArray(i)){let Z;if(i.kind===void 0&&(Z="kind")||i.places===void 0&&(Z="place\
s")||i.nearDioptres===void 0&&(Z="nearDioptres")||i.farDioptres===void 0&&(Z="farDioptres")||i.overlap===void 0&&(Z="ove\
rlap")){const d={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/required",keyword:"required",params:{missingProperty:Z}};
r===null?r=[d]:r.push(d),e++}else{const d=e;for(const x in i)if(!(x==="kind"||x==="places"||x==="nearDioptres"||x==="far\
Dioptres"||x==="overlap")){const z={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/additionalPropertie\
s",keyword:"additionalProperties",params:{additionalProperty:x}};r===null?r=[z]:r.push(z),e++;break}if(d===e){if(i.kind!==
void 0){const x=e;if(i.kind!=="focus"){const z={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/3/pr\
operties/kind/const",keyword:"const",params:{allowedValue:"focus"}};r===null?r=[z]:r.push(z),e++}var N=x===e}else var N=!0;
if(N){if(i.places!==void 0){let x=i.places;const z=e,g=e;let O=!1,D=null;const I=e;if(x!==null){const Y={instancePath:s+
"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[Y]:r.push(Y),e++}var y=I===e;y&&(O=!0,D=0);const ee=e;if(e===ee)if(Array.isArray(x))if(x.length>30){const Y={
instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/maxItems",keyword:"max\
Items",params:{limit:30}};r===null?r=[Y]:r.push(Y),e++}else{var pe=!0;const Y=x.length;for(let ie=0;ie<Y;ie++){let me=x[ie];
const ye=e;if(e===ye)if(typeof me=="number"&&isFinite(me)){if(me>25||isNaN(me)){const le={instancePath:s+"/series/places\
/"+ie,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:25}};r===null?r=[le]:r.push(le),e++}else if(me<-1||isNaN(me)){const le={instancePath:s+"/series/places/"+ie,schemaPath:"\
#/properties/series/oneOf/3/properties/places/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};
r===null?r=[le]:r.push(le),e++}}else{const le={instancePath:s+"/series/places/"+ie,schemaPath:"#/properties/series/oneOf\
/3/properties/places/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===null?r=[le]:r.push(le),e++}var pe=ye===
e;if(!pe)break}}else{const Y={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/\
oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[Y]:r.push(Y),e++}var y=ee===e;if(y&&O?(O=!1,D=[D,1]):y&&
(O=!0,D=1),O)e=g,r!==null&&(g?r.length=g:r=null);else{const Y={instancePath:s+"/series/places",schemaPath:"#/properties/\
series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{passingSchemas:D}};r===null?r=[Y]:r.push(Y),e++}var N=z===
e}else var N=!0;if(N){if(i.nearDioptres!==void 0){let x=i.nearDioptres;const z=e;if(e===z)if(typeof x=="number"&&isFinite(
x)){if(x>25||isNaN(x)){const O={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties\
/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[O]:r.push(O),e++}else if(x<-1||isNaN(
x)){const O={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[O]:r.push(O),e++}}else{const O={instancePath:s+"/se\
ries/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[O]:r.push(O),e++}var N=z===e}else var N=!0;if(N){if(i.farDioptres!==void 0){let x=i.farDioptres;const z=e;
if(e===z)if(typeof x=="number"&&isFinite(x)){if(x>25||isNaN(x)){const O={instancePath:s+"/series/farDioptres",schemaPath:"\
#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?
r=[O]:r.push(O),e++}else if(x<-1||isNaN(x)){const O={instancePath:s+"/series/farDioptres",schemaPath:"#/properties/serie\
s/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[O]:r.push(O),
e++}}else{const O={instancePath:s+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[O]:r.push(O),e++}var N=z===e}else var N=!0;if(N)if(i.overlap!==void 0){
let x=i.overlap;const z=e;if(e===z)if(typeof x=="number"&&isFinite(x)){if(x>.8||isNaN(x)){const O={instancePath:s+"/seri\
es/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maximum",keyword:"maximum",params:{comparison:"<=",
limit:.8}};r===null?r=[O]:r.push(O),e++}else if(x<0||isNaN(x)){const O={instancePath:s+"/series/overlap",schemaPath:"#/p\
roperties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[O]:
r.push(O),e++}}else{const O={instancePath:s+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap\
/type",keyword:"type",params:{type:"number"}};r===null?r=[O]:r.push(O),e++}var N=z===e}else var N=!0}}}}}}else{const Z={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{type:"object"}};r===null?r=
[Z]:r.push(Z),e++}var k=n===e;if(k&&j)j=!1,L=[L,3];else{k&&(j=!0,L=3);const Z=e;if(e===Z)if(i&&typeof i=="object"&&!Array.
isArray(i)){let x;if(i.kind===void 0&&(x="kind")||i.everyS===void 0&&(x="everyS")||i.frames===void 0&&(x="frames")||i.exposure===
void 0&&(x="exposure")||i.lightS===void 0&&(x="lightS")){const z={instancePath:s+"/series",schemaPath:"#/properties/seri\
es/oneOf/4/required",keyword:"required",params:{missingProperty:x}};r===null?r=[z]:r.push(z),e++}else{const z=e;for(const g in i)
if(!(g==="kind"||g==="everyS"||g==="frames"||g==="exposure"||g==="lightS")){const O={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/4/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:g}};r===null?
r=[O]:r.push(O),e++;break}if(z===e){if(i.kind!==void 0){const g=e;if(i.kind!=="interval"){const O={instancePath:s+"/seri\
es/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"const",params:{allowedValue:"interval"}};
r===null?r=[O]:r.push(O),e++}var U=g===e}else var U=!0;if(U){if(i.everyS!==void 0){let g=i.everyS;const O=e;if(!(typeof g==
"number"&&!(g%1)&&!isNaN(g)&&isFinite(g))){const I={instancePath:s+"/series/everyS",schemaPath:"#/properties/series/oneO\
f/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[I]:r.push(I),e++}if(e===O&&typeof g=="nu\
mber"&&isFinite(g)){if(g>3600||isNaN(g)){const I={instancePath:s+"/series/everyS",schemaPath:"#/properties/series/oneOf/\
4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};r===null?r=[I]:r.push(I),e++}else if(g<
1||isNaN(g)){const I={instancePath:s+"/series/everyS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/minimum",
keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[I]:r.push(I),e++}}var U=O===e}else var U=!0;if(U){if(i.frames!==
void 0){let g=i.frames;const O=e;if(!(typeof g=="number"&&!(g%1)&&!isNaN(g)&&isFinite(g))){const I={instancePath:s+"/ser\
ies/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[I]:r.push(I),e++}if(e===O&&typeof g=="number"&&isFinite(g)){if(g>999||isNaN(g)){const I={instancePath:s+"/series\
/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:999}};
r===null?r=[I]:r.push(I),e++}else if(g<2||isNaN(g)){const I={instancePath:s+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[I]:r.push(I),e++}}
var U=O===e}else var U=!0;if(U){if(i.exposure!==void 0){let g=i.exposure;const O=e;if(!(g==="held"||g==="metered")){const I={
instancePath:s+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/properties/exposure/enum",keyword:"enum",params:{
allowedValues:te.properties.series.oneOf[4].properties.exposure.enum}};r===null?r=[I]:r.push(I),e++}var U=O===e}else var U=!0;
if(U)if(i.lightS!==void 0){let g=i.lightS;const O=e;if(!(typeof g=="number"&&!(g%1)&&!isNaN(g)&&isFinite(g))){const I={instancePath:s+
"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/type",keyword:"type",params:{type:"integer"}};
r===null?r=[I]:r.push(I),e++}if(e===O&&typeof g=="number"&&isFinite(g)){if(g>86400||isNaN(g)){const I={instancePath:s+"/\
series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:86400}};r===null?r=[I]:r.push(I),e++}else if(g<0||isNaN(g)){const I={instancePath:s+"/series/lightS",schemaPath:"\
#/properties/series/oneOf/4/properties/lightS/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[I]:
r.push(I),e++}}var U=O===e}else var U=!0}}}}}}else{const x={instancePath:s+"/series",schemaPath:"#/properties/series/one\
Of/4/type",keyword:"type",params:{type:"object"}};r===null?r=[x]:r.push(x),e++}var k=Z===e;if(k&&j)j=!1,L=[L,4];else{k&&
(j=!0,L=4);const x=e;if(e===x)if(i&&typeof i=="object"&&!Array.isArray(i)){let g;if(i.kind===void 0&&(g="kind")||i.totalS===
void 0&&(g="totalS")||i.gather===void 0&&(g="gather")){const O={instancePath:s+"/series",schemaPath:"#/properties/series\
/oneOf/5/required",keyword:"required",params:{missingProperty:g}};r===null?r=[O]:r.push(O),e++}else{const O=e;for(const D in i)
if(!(D==="kind"||D==="totalS"||D==="gather")){const I={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/5/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:D}};r===null?r=[I]:r.push(I),e++;break}if(O===
e){if(i.kind!==void 0){const D=e;if(i.kind!=="long"){const I={instancePath:s+"/series/kind",schemaPath:"#/properties/ser\
ies/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};r===null?r=[I]:r.push(I),e++}var l=D===
e}else var l=!0;if(l){if(i.totalS!==void 0){let D=i.totalS;const I=e;if(!(typeof D=="number"&&!(D%1)&&!isNaN(D)&&isFinite(
D))){const re={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[re]:r.push(re),e++}if(e===I&&typeof D=="number"&&isFinite(D)){if(D>7200||isNaN(
D)){const re={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:7200}};r===null?r=[re]:r.push(re),e++}else if(D<30||isNaN(D)){const re={instancePath:s+
"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:30}};r===null?r=[re]:r.push(re),e++}}var l=I===e}else var l=!0;if(l)if(i.gather!==void 0){let D=i.gather;const I=e;
if(!(D==="mean"||D==="sum"||D==="brightest")){const re={instancePath:s+"/series/gather",schemaPath:"#/properties/series/\
oneOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:te.properties.series.oneOf[5].properties.gather.enum}};
r===null?r=[re]:r.push(re),e++}var l=I===e}else var l=!0}}}}else{const g={instancePath:s+"/series",schemaPath:"#/propert\
ies/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[g]:r.push(g),e++}var k=x===e;k&&j?(j=!1,L=[L,
5]):k&&(j=!0,L=5)}}}}if(j)e=B,r!==null&&(B?r.length=B:r=null);else{const f={instancePath:s+"/series",schemaPath:"#/prope\
rties/series/oneOf",keyword:"oneOf",params:{passingSchemas:L}};return r===null?r=[f]:r.push(f),e++,A.errors=r,!1}var a=V===
e}else var a=!0;if(a)if(o.delayS!==void 0){let i=o.delayS;const V=e;if(!(i===0||i===2||i===3||i===10||i===20))return A.errors=
[{instancePath:s+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{allowedValues:te.properties.delayS.
enum}}],!1;var a=V===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}else return A.errors=[{instancePath:s,schemaPath:"#/type",keyword:"\
type",params:{type:"object"}}],!1;return A.errors=r,e===0}const Oe=E,ae={$id:"velmo/preferences/5",type:"object",properties:{
version:{const:5},compStepClicks:{enum:[1,1.5,3]},monitors:{type:"object",properties:{over:{enum:["any","red","green","b\
lue","off"]},overColour:{enum:["pink","white","black"]},under:{type:"boolean"},zebra:{oneOf:[{type:"null"},{type:"object",
properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,maximum:9}},required:["on","clicksUnder"],additionalProperties:!1},
{type:"object",properties:{on:{const:"picture"},percent:{type:"integer",minimum:70,maximum:109}},required:["on","percent"],
additionalProperties:!1}]},toneClicks:{type:["integer","null"],minimum:-18,maximum:9},rawHistogram:{enum:["off","small",
"large"]},logHeight:{type:"boolean"},pictureHistogram:{type:"boolean"},allowedShare:{enum:[0,.001,.005,.02]},peaking:{enum:[
"focusing","always","off"]},peakingStrength:{enum:["low","medium","high"]},peakingColour:{enum:["violet","white","blue"]}},
required:["over","overColour","under","zebra","toneClicks","rawHistogram","logHeight","pictureHistogram","allowedShare",
"peaking","peakingStrength","peakingColour"],additionalProperties:!1},focusing:{type:"object",properties:{unit:{enum:["m",
"ft"]},loupeZoom:{enum:[1,2]},loupeWithFocus:{type:"boolean"},beforeCapture:{type:"boolean"}},required:["unit","loupeZoo\
m","loupeWithFocus","beforeCapture"],additionalProperties:!1},delaySound:{type:"boolean"},lightAhead:{enum:["fitting","a\
lways","never"]},naming:{type:"object",properties:{pattern:{type:"string",maxLength:80},roll:{type:"string",maxLength:40},
count:{type:"integer",minimum:1,maximum:1e9}},required:["pattern","roll","count"],additionalProperties:!1}},required:["v\
ersion","compStepClicks","monitors","focusing","naming","delaySound","lightAhead"],additionalProperties:!1},se=require("ajv/dist/runtime/ucs2length").
default;function E(o,{instancePath:s="",parentData:fe,parentDataProperty:ue,rootData:de=o}={}){let r=null,e=0;if(e===0)if(o&&
typeof o=="object"&&!Array.isArray(o)){let $;if(o.version===void 0&&($="version")||o.compStepClicks===void 0&&($="compSt\
epClicks")||o.monitors===void 0&&($="monitors")||o.focusing===void 0&&($="focusing")||o.naming===void 0&&($="naming")||o.
delaySound===void 0&&($="delaySound")||o.lightAhead===void 0&&($="lightAhead"))return E.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:$}}],!1;{const X=e;for(const m in o)if(!(m==="version"||m==="comp\
StepClicks"||m==="monitors"||m==="focusing"||m==="delaySound"||m==="lightAhead"||m==="naming")){return E.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}}],!1;break}if(X===e){if(o.
version!==void 0){const m=e;if(o.version!==5)return E.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versio\
n/const",keyword:"const",params:{allowedValue:5}}],!1;var a=m===e}else var a=!0;if(a){if(o.compStepClicks!==void 0){let m=o.
compStepClicks;const P=e;if(!(m===1||m===1.5||m===3))return E.errors=[{instancePath:s+"/compStepClicks",schemaPath:"#/pr\
operties/compStepClicks/enum",keyword:"enum",params:{allowedValues:ae.properties.compStepClicks.enum}}],!1;var a=P===e}else
var a=!0;if(a){if(o.monitors!==void 0){let m=o.monitors;const P=e;if(e===P)if(m&&typeof m=="object"&&!Array.isArray(m)){
let u;if(m.over===void 0&&(u="over")||m.overColour===void 0&&(u="overColour")||m.under===void 0&&(u="under")||m.zebra===
void 0&&(u="zebra")||m.toneClicks===void 0&&(u="toneClicks")||m.rawHistogram===void 0&&(u="rawHistogram")||m.logHeight===
void 0&&(u="logHeight")||m.pictureHistogram===void 0&&(u="pictureHistogram")||m.allowedShare===void 0&&(u="allowedShare")||
m.peaking===void 0&&(u="peaking")||m.peakingStrength===void 0&&(u="peakingStrength")||m.peakingColour===void 0&&(u="peak\
ingColour"))return E.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/required",keyword:"required",
params:{missingProperty:u}}],!1;{const Q=e;for(const t in m)if(!ce.call(ae.properties.monitors.properties,t)){return E.errors=
[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:t}}],!1;break}if(Q===e){if(m.over!==void 0){let t=m.over;const p=e;if(!(t==="any"||t==="red"||t==="gr\
een"||t==="blue"||t==="off"))return E.errors=[{instancePath:s+"/monitors/over",schemaPath:"#/properties/monitors/propert\
ies/over/enum",keyword:"enum",params:{allowedValues:ae.properties.monitors.properties.over.enum}}],!1;var S=p===e}else var S=!0;
if(S){if(m.overColour!==void 0){let t=m.overColour;const p=e;if(!(t==="pink"||t==="white"||t==="black"))return E.errors=
[{instancePath:s+"/monitors/overColour",schemaPath:"#/properties/monitors/properties/overColour/enum",keyword:"enum",params:{
allowedValues:ae.properties.monitors.properties.overColour.enum}}],!1;var S=p===e}else var S=!0;if(S){if(m.under!==void 0){
const t=e;if(typeof m.under!="boolean")return E.errors=[{instancePath:s+"/monitors/under",schemaPath:"#/properties/monit\
ors/properties/under/type",keyword:"type",params:{type:"boolean"}}],!1;var S=t===e}else var S=!0;if(S){if(m.zebra!==void 0){
let t=m.zebra;const p=e,F=e;let h=!1,k=null;const b=e;if(t!==null){const y={instancePath:s+"/monitors/zebra",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[y]:r.push(y),e++}var R=b===
e;R&&(h=!0,k=0);const N=e;if(e===N)if(t&&typeof t=="object"&&!Array.isArray(t)){let y;if(t.on===void 0&&(y="on")||t.clicksUnder===
void 0&&(y="clicksUnder")){const U={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/\
oneOf/1/required",keyword:"required",params:{missingProperty:y}};r===null?r=[U]:r.push(U),e++}else{const U=e;for(const l in t)
if(!(l==="on"||l==="clicksUnder")){const v={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/propertie\
s/zebra/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[v]:r.push(
v),e++;break}if(U===e){if(t.on!==void 0){const l=e;if(t.on!=="raw"){const v={instancePath:s+"/monitors/zebra/on",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/1/properties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?
r=[v]:r.push(v),e++}var M=l===e}else var M=!0;if(M)if(t.clicksUnder!==void 0){let l=t.clicksUnder;const v=e;if(!(typeof l==
"number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const i={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/propertie\
s/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[i]:
r.push(i),e++}if(e===v&&typeof l=="number"&&isFinite(l)){if(l>9||isNaN(l)){const i={instancePath:s+"/monitors/zebra/clic\
ksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{
comparison:"<=",limit:9}};r===null?r=[i]:r.push(i),e++}else if(l<0||isNaN(l)){const i={instancePath:s+"/monitors/zebra/c\
licksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",
params:{comparison:">=",limit:0}};r===null?r=[i]:r.push(i),e++}}var M=v===e}else var M=!0}}}else{const y={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};
r===null?r=[y]:r.push(y),e++}var R=N===e;if(R&&h)h=!1,k=[k,1];else{R&&(h=!0,k=1);const y=e;if(e===y)if(t&&typeof t=="obj\
ect"&&!Array.isArray(t)){let l;if(t.on===void 0&&(l="on")||t.percent===void 0&&(l="percent")){const v={instancePath:s+"/\
monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:l}};
r===null?r=[v]:r.push(v),e++}else{const v=e;for(const W in t)if(!(W==="on"||W==="percent")){const i={instancePath:s+"/mo\
nitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProper\
ties",params:{additionalProperty:W}};r===null?r=[i]:r.push(i),e++;break}if(v===e){if(t.on!==void 0){const W=e;if(t.on!==
"picture"){const i={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/prope\
rties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?r=[i]:r.push(i),e++}var J=W===e}else var J=!0;
if(J)if(t.percent!==void 0){let W=t.percent;const i=e;if(!(typeof W=="number"&&!(W%1)&&!isNaN(W)&&isFinite(W))){const B={
instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/t\
ype",keyword:"type",params:{type:"integer"}};r===null?r=[B]:r.push(B),e++}if(e===i&&typeof W=="number"&&isFinite(W)){if(W>
109||isNaN(W)){const B={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};r===null?r=[B]:r.push(B),e++}else if(W<
70||isNaN(W)){const B={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};r===null?r=[B]:r.push(B),e++}}var J=i===
e}else var J=!0}}}else{const l={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/type",keyword:"type",params:{type:"object"}};r===null?r=[l]:r.push(l),e++}var R=y===e;R&&h?(h=!1,k=[k,2]):R&&(h=!0,k=
2)}if(h)e=F,r!==null&&(F?r.length=F:r=null);else{const y={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/moni\
tors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:k}};return r===null?r=[y]:r.push(y),e++,E.errors=r,!1}
var S=p===e}else var S=!0;if(S){if(m.toneClicks!==void 0){let t=m.toneClicks;const p=e;if(!(typeof t=="number"&&!(t%1)&&
!isNaN(t)&&isFinite(t))&&t!==null)return E.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/monit\
ors/properties/toneClicks/type",keyword:"type",params:{type:ae.properties.monitors.properties.toneClicks.type}}],!1;if(e===
p&&typeof t=="number"&&isFinite(t)){if(t>9||isNaN(t))return E.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"\
#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}}],!1;if(t<-18||isNaN(
t))return E.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var S=p===e}else var S=!0;if(S){if(m.rawHistogram!==void 0){
let t=m.rawHistogram;const p=e;if(!(t==="off"||t==="small"||t==="large"))return E.errors=[{instancePath:s+"/monitors/raw\
Histogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",params:{allowedValues:ae.properties.
monitors.properties.rawHistogram.enum}}],!1;var S=p===e}else var S=!0;if(S){if(m.logHeight!==void 0){const t=e;if(typeof m.
logHeight!="boolean")return E.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#/properties/monitors/properties\
/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var S=t===e}else var S=!0;if(S){if(m.pictureHistogram!==void 0){
const t=e;if(typeof m.pictureHistogram!="boolean")return E.errors=[{instancePath:s+"/monitors/pictureHistogram",schemaPath:"\
#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"boolean"}}],!1;var S=t===e}else var S=!0;
if(S){if(m.allowedShare!==void 0){let t=m.allowedShare;const p=e;if(!(t===0||t===.001||t===.005||t===.02))return E.errors=
[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/properties/allowedShare/enum",keyword:"enum",
params:{allowedValues:ae.properties.monitors.properties.allowedShare.enum}}],!1;var S=p===e}else var S=!0;if(S){if(m.peaking!==
void 0){let t=m.peaking;const p=e;if(!(t==="focusing"||t==="always"||t==="off"))return E.errors=[{instancePath:s+"/monit\
ors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"enum",params:{allowedValues:ae.properties.
monitors.properties.peaking.enum}}],!1;var S=p===e}else var S=!0;if(S){if(m.peakingStrength!==void 0){let t=m.peakingStrength;
const p=e;if(!(t==="low"||t==="medium"||t==="high"))return E.errors=[{instancePath:s+"/monitors/peakingStrength",schemaPath:"\
#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:ae.properties.monitors.properties.
peakingStrength.enum}}],!1;var S=p===e}else var S=!0;if(S)if(m.peakingColour!==void 0){let t=m.peakingColour;const p=e;if(!(t===
"violet"||t==="white"||t==="blue"))return E.errors=[{instancePath:s+"/monitors/peakingColour",schemaPath:"#/properties/m\
onitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:ae.properties.monitors.properties.peakingColour.
enum}}],!1;var S=p===e}else var S=!0}}}}}}}}}}}}}else return E.errors=[{instancePath:s+"/monitors",schemaPath:"#/propert\
ies/monitors/type",keyword:"type",params:{type:"object"}}],!1;var a=P===e}else var a=!0;if(a){if(o.focusing!==void 0){let m=o.
focusing;const P=e;if(e===P)if(m&&typeof m=="object"&&!Array.isArray(m)){let u;if(m.unit===void 0&&(u="unit")||m.loupeZoom===
void 0&&(u="loupeZoom")||m.loupeWithFocus===void 0&&(u="loupeWithFocus")||m.beforeCapture===void 0&&(u="beforeCapture"))
return E.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:u}}],
!1;{const Q=e;for(const t in m)if(!(t==="unit"||t==="loupeZoom"||t==="loupeWithFocus"||t==="beforeCapture")){return E.errors=
[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:t}}],!1;break}if(Q===e){if(m.unit!==void 0){let t=m.unit;const p=e;if(!(t==="m"||t==="ft"))return E.errors=
[{instancePath:s+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:ae.
properties.focusing.properties.unit.enum}}],!1;var _=p===e}else var _=!0;if(_){if(m.loupeZoom!==void 0){let t=m.loupeZoom;
const p=e;if(!(t===1||t===2))return E.errors=[{instancePath:s+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:ae.properties.focusing.properties.loupeZoom.enum}}],!1;var _=p===
e}else var _=!0;if(_){if(m.loupeWithFocus!==void 0){const t=e;if(typeof m.loupeWithFocus!="boolean")return E.errors=[{instancePath:s+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var _=t===e}else var _=!0;if(_)if(m.beforeCapture!==void 0){const t=e;if(typeof m.beforeCapture!="boolean")
return E.errors=[{instancePath:s+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var _=t===e}else var _=!0}}}}}else return E.errors=[{instancePath:s+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var a=P===e}else var a=!0;if(a){
if(o.delaySound!==void 0){const m=e;if(typeof o.delaySound!="boolean")return E.errors=[{instancePath:s+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var a=m===e}else var a=!0;if(a){if(o.lightAhead!==
void 0){let m=o.lightAhead;const P=e;if(!(m==="fitting"||m==="always"||m==="never"))return E.errors=[{instancePath:s+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:ae.properties.lightAhead.enum}}],
!1;var a=P===e}else var a=!0;if(a)if(o.naming!==void 0){let m=o.naming;const P=e;if(e===P)if(m&&typeof m=="object"&&!Array.
isArray(m)){let u;if(m.pattern===void 0&&(u="pattern")||m.roll===void 0&&(u="roll")||m.count===void 0&&(u="count"))return E.
errors=[{instancePath:s+"/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:u}}],
!1;{const Q=e;for(const t in m)if(!(t==="pattern"||t==="roll"||t==="count")){return E.errors=[{instancePath:s+"/naming",
schemaPath:"#/properties/naming/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:t}}],!1;
break}if(Q===e){if(m.pattern!==void 0){let t=m.pattern;const p=e;if(e===p)if(typeof t=="string"){if(se(t)>80)return E.errors=
[{instancePath:s+"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{
limit:80}}],!1}else return E.errors=[{instancePath:s+"/naming/pattern",schemaPath:"#/properties/naming/properties/patter\
n/type",keyword:"type",params:{type:"string"}}],!1;var w=p===e}else var w=!0;if(w){if(m.roll!==void 0){let t=m.roll;const p=e;
if(e===p)if(typeof t=="string"){if(se(t)>40)return E.errors=[{instancePath:s+"/naming/roll",schemaPath:"#/properties/nam\
ing/properties/roll/maxLength",keyword:"maxLength",params:{limit:40}}],!1}else return E.errors=[{instancePath:s+"/naming\
/roll",schemaPath:"#/properties/naming/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var w=p===e}else
var w=!0;if(w)if(m.count!==void 0){let t=m.count;const p=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(t)&&isFinite(t)))return E.
errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===p&&typeof t=="number"&&isFinite(t)){if(t>1e9||isNaN(t))return E.errors=[{instancePath:s+"/naming/c\
ount",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],!1;
if(t<1||isNaN(t))return E.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/minim\
um",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var w=p===e}else var w=!0}}}}else return E.errors=[{instancePath:s+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var a=P===e}else var a=!0}}}}}}}}else
return E.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return E.errors=r,e===0}
const _e=q,ne={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},camera:{enum:["simulated","browser"]},place:{type:"string",maxLength:200},origin:{
enum:["raw","video-frame","photo","photo-remade","average"]},timeS:{type:["number","null"]},iso:{type:["number","null"]},
compClicks:{type:["number","null"]},lens:{type:["string","null"],maxLength:64},focusDioptres:{type:["number","null"]},white:{
oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number"},tint:{type:"number"}},required:["kelvin","tint"],
additionalProperties:!1}]},clippedShare:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,items:{type:"number",minimum:0,
maximum:1}}]},width:{type:"integer",minimum:0},height:{type:"integer",minimum:0},average:{oneOf:[{type:"null"},{type:"ob\
ject",properties:{frames:{type:"integer",minimum:1},timesLess:{type:["number","null"]}},required:["frames","timesLess"],
additionalProperties:!1}]},roll:{type:"string",maxLength:200},stem:{type:"string",minLength:1,maxLength:160},series:{oneOf:[
{type:"null"},{type:"object",properties:{id:{type:"string",maxLength:64},kind:{enum:["single","bracket","burst","focus",
"interval","long"]},step:{type:"integer",minimum:0},count:{type:"integer",minimum:1}},required:["id","kind","step","coun\
t"],additionalProperties:!1}]},files:{type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["d\
ng","jpeg","tiff","png"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"\
integer",minimum:1,maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},words:{type:"objec\
t",properties:{source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200}},required:["source","summary"],
additionalProperties:!1}},required:["version","id","capturedAt","camera","place","origin","timeS","iso","compClicks","le\
ns","focusDioptres","white","clippedShare","width","height","average","roll","stem","series","files"],additionalProperties:!1},
ke=new RegExp("^[a-z0-9-]{8,64}$","u");function q(o,{instancePath:s="",parentData:fe,parentDataProperty:ue,rootData:de=o}={}){
let r=null,e=0;if(e===0)if(o&&typeof o=="object"&&!Array.isArray(o)){let u;if(o.version===void 0&&(u="version")||o.id===
void 0&&(u="id")||o.capturedAt===void 0&&(u="capturedAt")||o.camera===void 0&&(u="camera")||o.place===void 0&&(u="place")||
o.origin===void 0&&(u="origin")||o.timeS===void 0&&(u="timeS")||o.iso===void 0&&(u="iso")||o.compClicks===void 0&&(u="co\
mpClicks")||o.lens===void 0&&(u="lens")||o.focusDioptres===void 0&&(u="focusDioptres")||o.white===void 0&&(u="white")||o.
clippedShare===void 0&&(u="clippedShare")||o.width===void 0&&(u="width")||o.height===void 0&&(u="height")||o.average===void 0&&
(u="average")||o.roll===void 0&&(u="roll")||o.stem===void 0&&(u="stem")||o.series===void 0&&(u="series")||o.files===void 0&&
(u="files"))return q.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:u}}],!1;
{const Q=e;for(const t in o)if(!ce.call(ne.properties,t)){return q.errors=[{instancePath:s,schemaPath:"#/additionalPrope\
rties",keyword:"additionalProperties",params:{additionalProperty:t}}],!1;break}if(Q===e){if(o.version!==void 0){const t=e;
if(o.version!==2)return q.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:2}}],!1;var a=t===e}else var a=!0;if(a){if(o.id!==void 0){let t=o.id;const p=e;if(e===p)if(typeof t=="strin\
g"){if(!ke.test(t))return q.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return q.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=p===e}else var a=!0;if(a){if(o.capturedAt!==void 0){let t=o.capturedAt;const p=e;
if(e===p)if(typeof t=="number"&&isFinite(t)){if(t<0||isNaN(t))return q.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return q.errors=[{instancePath:s+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=p===e}else var a=!0;
if(a){if(o.camera!==void 0){let t=o.camera;const p=e;if(!(t==="simulated"||t==="browser"))return q.errors=[{instancePath:s+
"/camera",schemaPath:"#/properties/camera/enum",keyword:"enum",params:{allowedValues:ne.properties.camera.enum}}],!1;var a=p===
e}else var a=!0;if(a){if(o.place!==void 0){let t=o.place;const p=e;if(e===p)if(typeof t=="string"){if(se(t)>200)return q.
errors=[{instancePath:s+"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return q.errors=[{instancePath:s+"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{type:"string"}}],!1;
var a=p===e}else var a=!0;if(a){if(o.origin!==void 0){let t=o.origin;const p=e;if(!(t==="raw"||t==="video-frame"||t==="p\
hoto"||t==="photo-remade"||t==="average"))return q.errors=[{instancePath:s+"/origin",schemaPath:"#/properties/origin/enu\
m",keyword:"enum",params:{allowedValues:ne.properties.origin.enum}}],!1;var a=p===e}else var a=!0;if(a){if(o.timeS!==void 0){
let t=o.timeS;const p=e;if(!(typeof t=="number"&&isFinite(t))&&t!==null)return q.errors=[{instancePath:s+"/timeS",schemaPath:"\
#/properties/timeS/type",keyword:"type",params:{type:ne.properties.timeS.type}}],!1;var a=p===e}else var a=!0;if(a){if(o.
iso!==void 0){let t=o.iso;const p=e;if(!(typeof t=="number"&&isFinite(t))&&t!==null)return q.errors=[{instancePath:s+"/i\
so",schemaPath:"#/properties/iso/type",keyword:"type",params:{type:ne.properties.iso.type}}],!1;var a=p===e}else var a=!0;
if(a){if(o.compClicks!==void 0){let t=o.compClicks;const p=e;if(!(typeof t=="number"&&isFinite(t))&&t!==null)return q.errors=
[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{type:ne.properties.compClicks.
type}}],!1;var a=p===e}else var a=!0;if(a){if(o.lens!==void 0){let t=o.lens;const p=e;if(typeof t!="string"&&t!==null)return q.
errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:ne.properties.lens.type}}],
!1;if(e===p&&typeof t=="string"&&se(t)>64)return q.errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/maxLeng\
th",keyword:"maxLength",params:{limit:64}}],!1;var a=p===e}else var a=!0;if(a){if(o.focusDioptres!==void 0){let t=o.focusDioptres;
const p=e;if(!(typeof t=="number"&&isFinite(t))&&t!==null)return q.errors=[{instancePath:s+"/focusDioptres",schemaPath:"\
#/properties/focusDioptres/type",keyword:"type",params:{type:ne.properties.focusDioptres.type}}],!1;var a=p===e}else var a=!0;
if(a){if(o.white!==void 0){let t=o.white;const p=e,F=e;let h=!1,k=null;const b=e;if(t!==null){const y={instancePath:s+"/\
white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[y]:r.push(y),e++}var M=b===
e;M&&(h=!0,k=0);const N=e;if(e===N)if(t&&typeof t=="object"&&!Array.isArray(t)){let y;if(t.kelvin===void 0&&(y="kelvin")||
t.tint===void 0&&(y="tint")){const U={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"\
required",params:{missingProperty:y}};r===null?r=[U]:r.push(U),e++}else{const U=e;for(const l in t)if(!(l==="kelvin"||l===
"tint")){const v={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"addition\
alProperties",params:{additionalProperty:l}};r===null?r=[v]:r.push(v),e++;break}if(U===e){if(t.kelvin!==void 0){let l=t.
kelvin;const v=e;if(!(typeof l=="number"&&isFinite(l))){const W={instancePath:s+"/white/kelvin",schemaPath:"#/properties\
/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[W]:r.push(W),e++}var S=v===e}else
var S=!0;if(S)if(t.tint!==void 0){let l=t.tint;const v=e;if(!(typeof l=="number"&&isFinite(l))){const i={instancePath:s+
"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?
r=[i]:r.push(i),e++}var S=v===e}else var S=!0}}}else{const y={instancePath:s+"/white",schemaPath:"#/properties/white/one\
Of/1/type",keyword:"type",params:{type:"object"}};r===null?r=[y]:r.push(y),e++}var M=N===e;if(M&&h?(h=!1,k=[k,1]):M&&(h=
!0,k=1),h)e=F,r!==null&&(F?r.length=F:r=null);else{const y={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",
keyword:"oneOf",params:{passingSchemas:k}};return r===null?r=[y]:r.push(y),e++,q.errors=r,!1}var a=p===e}else var a=!0;if(a){
if(o.clippedShare!==void 0){let t=o.clippedShare;const p=e,F=e;let h=!1,k=null;const b=e;if(t!==null){const y={instancePath:s+
"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[y]:
r.push(y),e++}var J=b===e;J&&(h=!0,k=0);const N=e;if(e===N)if(Array.isArray(t))if(t.length>3){const y={instancePath:s+"/\
clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};r===null?r=[y]:
r.push(y),e++}else if(t.length<3){const y={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/\
minItems",keyword:"minItems",params:{limit:3}};r===null?r=[y]:r.push(y),e++}else{var R=!0;const y=t.length;for(let U=0;U<
y;U++){let l=t[U];const v=e;if(e===v)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l)){const i={instancePath:s+"/cli\
ppedShare/"+U,schemaPath:"#/properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[i]:r.push(i),e++}else if(l<0||isNaN(l)){const i={instancePath:s+"/clippedShare/"+U,schemaPath:"#/properties/\
clippedShare/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[i]:r.push(i),e++}}else{
const i={instancePath:s+"/clippedShare/"+U,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"type",params:{
type:"number"}};r===null?r=[i]:r.push(i),e++}var R=v===e;if(!R)break}}else{const y={instancePath:s+"/clippedShare",schemaPath:"\
#/properties/clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[y]:r.push(y),e++}var J=N===e;if(J&&
h?(h=!1,k=[k,1]):J&&(h=!0,k=1),h)e=F,r!==null&&(F?r.length=F:r=null);else{const y={instancePath:s+"/clippedShare",schemaPath:"\
#/properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:k}};return r===null?r=[y]:r.push(y),e++,q.errors=
r,!1}var a=p===e}else var a=!0;if(a){if(o.width!==void 0){let t=o.width;const p=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(
t)&&isFinite(t)))return q.errors=[{instancePath:s+"/width",schemaPath:"#/properties/width/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===p&&typeof t=="number"&&isFinite(t)&&(t<0||isNaN(t)))return q.errors=[{instancePath:s+"/width",schemaPath:"\
#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var a=p===e}else var a=!0;if(a){if(o.
height!==void 0){let t=o.height;const p=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(t)&&isFinite(t)))return q.errors=[{instancePath:s+
"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"integer"}}],!1;if(e===p&&typeof t=="number"&&
isFinite(t)&&(t<0||isNaN(t)))return q.errors=[{instancePath:s+"/height",schemaPath:"#/properties/height/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}}],!1;var a=p===e}else var a=!0;if(a){if(o.average!==void 0){let t=o.average;const p=e,
F=e;let h=!1,k=null;const b=e;if(t!==null){const y={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/t\
ype",keyword:"type",params:{type:"null"}};r===null?r=[y]:r.push(y),e++}var w=b===e;w&&(h=!0,k=0);const N=e;if(e===N)if(t&&
typeof t=="object"&&!Array.isArray(t)){let y;if(t.frames===void 0&&(y="frames")||t.timesLess===void 0&&(y="timesLess")){
const U={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/required",keyword:"required",params:{missingProperty:y}};
r===null?r=[U]:r.push(U),e++}else{const U=e;for(const l in t)if(!(l==="frames"||l==="timesLess")){const v={instancePath:s+
"/average",schemaPath:"#/properties/average/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};
r===null?r=[v]:r.push(v),e++;break}if(U===e){if(t.frames!==void 0){let l=t.frames;const v=e;if(!(typeof l=="number"&&!(l%
1)&&!isNaN(l)&&isFinite(l))){const W={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properti\
es/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[W]:r.push(W),e++}if(e===v&&typeof l=="number"&&isFinite(
l)&&(l<1||isNaN(l))){const W={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properties/frame\
s/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[W]:r.push(W),e++}var _=v===e}else var _=!0;if(_)
if(t.timesLess!==void 0){let l=t.timesLess;const v=e;if(!(typeof l=="number"&&isFinite(l))&&l!==null){const i={instancePath:s+
"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/properties/timesLess/type",keyword:"type",params:{type:ne.
properties.average.oneOf[1].properties.timesLess.type}};r===null?r=[i]:r.push(i),e++}var _=v===e}else var _=!0}}}else{const y={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?
r=[y]:r.push(y),e++}var w=N===e;if(w&&h?(h=!1,k=[k,1]):w&&(h=!0,k=1),h)e=F,r!==null&&(F?r.length=F:r=null);else{const y={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{passingSchemas:k}};return r===
null?r=[y]:r.push(y),e++,q.errors=r,!1}var a=p===e}else var a=!0;if(a){if(o.roll!==void 0){let t=o.roll;const p=e;if(e===
p)if(typeof t=="string"){if(se(t)>200)return q.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/maxLength",
keyword:"maxLength",params:{limit:200}}],!1}else return q.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/\
type",keyword:"type",params:{type:"string"}}],!1;var a=p===e}else var a=!0;if(a){if(o.stem!==void 0){let t=o.stem;const p=e;
if(e===p)if(typeof t=="string"){if(se(t)>160)return q.errors=[{instancePath:s+"/stem",schemaPath:"#/properties/stem/maxL\
ength",keyword:"maxLength",params:{limit:160}}],!1;if(se(t)<1)return q.errors=[{instancePath:s+"/stem",schemaPath:"#/pro\
perties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return q.errors=[{instancePath:s+"/stem",schemaPath:"\
#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var a=p===e}else var a=!0;if(a){if(o.series!==void 0){
let t=o.series;const p=e,F=e;let h=!1,k=null;const b=e;if(t!==null){const y={instancePath:s+"/series",schemaPath:"#/prop\
erties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[y]:r.push(y),e++}var X=b===e;X&&(h=!0,k=0);
const N=e;if(e===N)if(t&&typeof t=="object"&&!Array.isArray(t)){let y;if(t.id===void 0&&(y="id")||t.kind===void 0&&(y="k\
ind")||t.step===void 0&&(y="step")||t.count===void 0&&(y="count")){const U={instancePath:s+"/series",schemaPath:"#/prope\
rties/series/oneOf/1/required",keyword:"required",params:{missingProperty:y}};r===null?r=[U]:r.push(U),e++}else{const U=e;
for(const l in t)if(!(l==="id"||l==="kind"||l==="step"||l==="count")){const v={instancePath:s+"/series",schemaPath:"#/pr\
operties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[
v]:r.push(v),e++;break}if(U===e){if(t.id!==void 0){let l=t.id;const v=e;if(e===v)if(typeof l=="string"){if(se(l)>64){const W={
instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",params:{
limit:64}};r===null?r=[W]:r.push(W),e++}}else{const W={instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf\
/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[W]:r.push(W),e++}var $=v===e}else var $=!0;if($){
if(t.kind!==void 0){let l=t.kind;const v=e;if(!(l==="single"||l==="bracket"||l==="burst"||l==="focus"||l==="interval"||l===
"long")){const i={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"e\
num",params:{allowedValues:ne.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[i]:r.push(i),e++}var $=v===e}else
var $=!0;if($){if(t.step!==void 0){let l=t.step;const v=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const i={
instancePath:s+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{type:"\
integer"}};r===null?r=[i]:r.push(i),e++}if(e===v&&typeof l=="number"&&isFinite(l)&&(l<0||isNaN(l))){const i={instancePath:s+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[i]:r.push(i),e++}var $=v===e}else var $=!0;if($)if(t.count!==void 0){let l=t.count;const v=e;if(!(typeof l==
"number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const i={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[i]:r.push(i),e++}if(e===v&&typeof l=="numb\
er"&&isFinite(l)&&(l<1||isNaN(l))){const i={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[i]:r.push(i),e++}var $=v===e}else var $=!0}}}}}else{
const y={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[y]:r.push(y),e++}var X=N===e;if(X&&h?(h=!1,k=[k,1]):X&&(h=!0,k=1),h)e=F,r!==null&&(F?r.length=F:r=null);else{const y={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:k}};return r===null?
r=[y]:r.push(y),e++,q.errors=r,!1}var a=p===e}else var a=!0;if(a){if(o.files!==void 0){let t=o.files;const p=e;if(e===p)
if(Array.isArray(t)){if(t.length>8)return q.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"\
maxItems",params:{limit:8}}],!1;if(t.length<1)return q.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var m=!0;const h=t.length;for(let k=0;k<h;k++){let b=t[k];const N=e;if(e===
N)if(b&&typeof b=="object"&&!Array.isArray(b)){let y;if(b.kind===void 0&&(y="kind")||b.name===void 0&&(y="name")||b.bytes===
void 0&&(y="bytes")||b.chunks===void 0&&(y="chunks"))return q.errors=[{instancePath:s+"/files/"+k,schemaPath:"#/properti\
es/files/items/required",keyword:"required",params:{missingProperty:y}}],!1;{const U=e;for(const l in b)if(!(l==="kind"||
l==="name"||l==="bytes"||l==="chunks")){return q.errors=[{instancePath:s+"/files/"+k,schemaPath:"#/properties/files/item\
s/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(U===e){if(b.kind!==void 0){
let l=b.kind;const v=e;if(!(l==="dng"||l==="jpeg"||l==="tiff"||l==="png"))return q.errors=[{instancePath:s+"/files/"+k+"\
/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"enum",params:{allowedValues:ne.properties.files.
items.properties.kind.enum}}],!1;var P=v===e}else var P=!0;if(P){if(b.name!==void 0){let l=b.name;const v=e;if(e===v)if(typeof l==
"string"){if(se(l)>160)return q.errors=[{instancePath:s+"/files/"+k+"/name",schemaPath:"#/properties/files/items/propert\
ies/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(se(l)<1)return q.errors=[{instancePath:s+"/files/"+k+
"/name",schemaPath:"#/properties/files/items/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return q.
errors=[{instancePath:s+"/files/"+k+"/name",schemaPath:"#/properties/files/items/properties/name/type",keyword:"type",params:{
type:"string"}}],!1;var P=v===e}else var P=!0;if(P){if(b.bytes!==void 0){let l=b.bytes;const v=e;if(!(typeof l=="number"&&
!(l%1)&&!isNaN(l)&&isFinite(l)))return q.errors=[{instancePath:s+"/files/"+k+"/bytes",schemaPath:"#/properties/files/ite\
ms/properties/bytes/type",keyword:"type",params:{type:"integer"}}],!1;if(e===v&&typeof l=="number"&&isFinite(l)&&(l<1||isNaN(
l)))return q.errors=[{instancePath:s+"/files/"+k+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/minimum",
keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var P=v===e}else var P=!0;if(P)if(b.chunks!==void 0){let l=b.chunks;
const v=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return q.errors=[{instancePath:s+"/files/"+k+"/chunks",
schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",params:{type:"integer"}}],!1;if(e===v&&typeof l==
"number"&&isFinite(l)){if(l>4096||isNaN(l))return q.errors=[{instancePath:s+"/files/"+k+"/chunks",schemaPath:"#/properti\
es/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"<=",limit:4096}}],!1;if(l<1||isNaN(l))return q.
errors=[{instancePath:s+"/files/"+k+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/minimum",keyword:"m\
inimum",params:{comparison:">=",limit:1}}],!1}var P=v===e}else var P=!0}}}}}else return q.errors=[{instancePath:s+"/file\
s/"+k,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"object"}}],!1;var m=N===e;if(!m)break}}}else
return q.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",keyword:"type",params:{type:"array"}}],!1;
var a=p===e}else var a=!0;if(a)if(o.words!==void 0){let t=o.words;const p=e;if(e===p)if(t&&typeof t=="object"&&!Array.isArray(
t)){let h;if(t.source===void 0&&(h="source")||t.summary===void 0&&(h="summary"))return q.errors=[{instancePath:s+"/words",
schemaPath:"#/properties/words/required",keyword:"required",params:{missingProperty:h}}],!1;{const k=e;for(const b in t)
if(!(b==="source"||b==="summary")){return q.errors=[{instancePath:s+"/words",schemaPath:"#/properties/words/additionalPr\
operties",keyword:"additionalProperties",params:{additionalProperty:b}}],!1;break}if(k===e){if(t.source!==void 0){let b=t.
source;const N=e;if(e===N)if(typeof b=="string"){if(se(b)>200)return q.errors=[{instancePath:s+"/words/source",schemaPath:"\
#/properties/words/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return q.errors=[{instancePath:s+
"/words/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var T=N===
e}else var T=!0;if(T)if(t.summary!==void 0){let b=t.summary;const N=e;if(e===N)if(typeof b=="string"){if(se(b)>200)return q.
errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",
params:{limit:200}}],!1}else return q.errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties\
/summary/type",keyword:"type",params:{type:"string"}}],!1;var T=N===e}else var T=!0}}}else return q.errors=[{instancePath:s+
"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var a=p===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}else
return q.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return q.errors=r,e===0}
const Ne=G,ge={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{
type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png"]},name:{type:"\
string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:[
"kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^data:image/jpeg;base64,"}},
required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},Pe=new RegExp("^d\
ata:image/jpeg;base64,","u");function G(o,{instancePath:s="",parentData:fe,parentDataProperty:ue,rootData:de=o}={}){let r=null,
e=0;if(e===0)if(o&&typeof o=="object"&&!Array.isArray(o)){let R;if(o.version===void 0&&(R="version")||o.id===void 0&&(R=
"id")||o.capturedAt===void 0&&(R="capturedAt")||o.source===void 0&&(R="source")||o.summary===void 0&&(R="summary")||o.files===
void 0&&(R="files")||o.thumbnail===void 0&&(R="thumbnail"))return G.errors=[{instancePath:s,schemaPath:"#/required",keyword:"\
required",params:{missingProperty:R}}],!1;{const J=e;for(const _ in o)if(!(_==="version"||_==="id"||_==="capturedAt"||_===
"source"||_==="summary"||_==="files"||_==="thumbnail")){return G.errors=[{instancePath:s,schemaPath:"#/additionalPropert\
ies",keyword:"additionalProperties",params:{additionalProperty:_}}],!1;break}if(J===e){if(o.version!==void 0){const _=e;
if(o.version!==1)return G.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:1}}],!1;var a=_===e}else var a=!0;if(a){if(o.id!==void 0){let _=o.id;const w=e;if(e===w)if(typeof _=="strin\
g"){if(!ke.test(_))return G.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return G.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=w===e}else var a=!0;if(a){if(o.capturedAt!==void 0){let _=o.capturedAt;const w=e;
if(e===w)if(typeof _=="number"&&isFinite(_)){if(_<0||isNaN(_))return G.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return G.errors=[{instancePath:s+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=w===e}else var a=!0;
if(a){if(o.source!==void 0){let _=o.source;const w=e;if(e===w)if(typeof _=="string"){if(se(_)>200)return G.errors=[{instancePath:s+
"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return G.errors=[{
instancePath:s+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var a=w===e}else
var a=!0;if(a){if(o.summary!==void 0){let _=o.summary;const w=e;if(e===w)if(typeof _=="string"){if(se(_)>200)return G.errors=
[{instancePath:s+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return G.errors=[{instancePath:s+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",params:{type:"string"}}],
!1;var a=w===e}else var a=!0;if(a){if(o.files!==void 0){let _=o.files;const w=e;if(e===w)if(Array.isArray(_)){if(_.length>
8)return G.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"maxItems",params:{limit:8}}],
!1;if(_.length<1)return G.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/minItems",keyword:"minItems",params:{
limit:1}}],!1;{var S=!0;const X=_.length;for(let m=0;m<X;m++){let P=_[m];const T=e;if(e===T)if(P&&typeof P=="object"&&!Array.
isArray(P)){let Q;if(P.kind===void 0&&(Q="kind")||P.name===void 0&&(Q="name")||P.bytes===void 0&&(Q="bytes")||P.chunks===
void 0&&(Q="chunks"))return G.errors=[{instancePath:s+"/files/"+m,schemaPath:"#/properties/files/items/required",keyword:"\
required",params:{missingProperty:Q}}],!1;{const t=e;for(const p in P)if(!(p==="kind"||p==="name"||p==="bytes"||p==="chu\
nks")){return G.errors=[{instancePath:s+"/files/"+m,schemaPath:"#/properties/files/items/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:p}}],!1;break}if(t===e){if(P.kind!==void 0){let p=P.kind;const F=e;if(!(p===
"dng"||p==="jpeg"||p==="tiff"||p==="png"))return G.errors=[{instancePath:s+"/files/"+m+"/kind",schemaPath:"#/properties/\
files/items/properties/kind/enum",keyword:"enum",params:{allowedValues:ge.properties.files.items.properties.kind.enum}}],
!1;var M=F===e}else var M=!0;if(M){if(P.name!==void 0){let p=P.name;const F=e;if(e===F)if(typeof p=="string"){if(se(p)>160)
return G.errors=[{instancePath:s+"/files/"+m+"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"\
maxLength",params:{limit:160}}],!1;if(se(p)<1)return G.errors=[{instancePath:s+"/files/"+m+"/name",schemaPath:"#/propert\
ies/files/items/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return G.errors=[{instancePath:s+
"/files/"+m+"/name",schemaPath:"#/properties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;
var M=F===e}else var M=!0;if(M){if(P.bytes!==void 0){let p=P.bytes;const F=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&
isFinite(p)))return G.errors=[{instancePath:s+"/files/"+m+"/bytes",schemaPath:"#/properties/files/items/properties/bytes\
/type",keyword:"type",params:{type:"integer"}}],!1;if(e===F&&typeof p=="number"&&isFinite(p)&&(p<1||isNaN(p)))return G.errors=
[{instancePath:s+"/files/"+m+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{
comparison:">=",limit:1}}],!1;var M=F===e}else var M=!0;if(M)if(P.chunks!==void 0){let p=P.chunks;const F=e;if(!(typeof p==
"number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))return G.errors=[{instancePath:s+"/files/"+m+"/chunks",schemaPath:"#/propertie\
s/files/items/properties/chunks/type",keyword:"type",params:{type:"integer"}}],!1;if(e===F&&typeof p=="number"&&isFinite(
p)){if(p>4096||isNaN(p))return G.errors=[{instancePath:s+"/files/"+m+"/chunks",schemaPath:"#/properties/files/items/prop\
erties/chunks/maximum",keyword:"maximum",params:{comparison:"<=",limit:4096}}],!1;if(p<1||isNaN(p))return G.errors=[{instancePath:s+
"/files/"+m+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:1}}],!1}var M=F===e}else var M=!0}}}}}else return G.errors=[{instancePath:s+"/files/"+m,schemaPath:"#/properti\
es/files/items/type",keyword:"type",params:{type:"object"}}],!1;var S=T===e;if(!S)break}}}else return G.errors=[{instancePath:s+
"/files",schemaPath:"#/properties/files/type",keyword:"type",params:{type:"array"}}],!1;var a=w===e}else var a=!0;if(a)if(o.
thumbnail!==void 0){let _=o.thumbnail;const w=e;if(e===w)if(typeof _=="string"){if(!Pe.test(_))return G.errors=[{instancePath:s+
"/thumbnail",schemaPath:"#/properties/thumbnail/pattern",keyword:"pattern",params:{pattern:"^data:image/jpeg;base64,"}}],
!1}else return G.errors=[{instancePath:s+"/thumbnail",schemaPath:"#/properties/thumbnail/type",keyword:"type",params:{type:"\
string"}}],!1;var a=w===e}else var a=!0}}}}}}}}else return G.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",
params:{type:"object"}}],!1;return G.errors=r,e===0}const xe=oe,ve={$id:"velmo/camera-light/1",type:"object",properties:{
version:{const:1},response:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,items:{type:"array",minItems:256,maxItems:256,
items:{type:"number",minimum:0,maximum:1}}}]},measuredAt:{type:["number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},
evOffset:{type:["number","null"],minimum:-30,maximum:30}},required:["version","response","measuredAt","greyStops","evOff\
set"],additionalProperties:!1};function oe(o,{instancePath:s="",parentData:fe,parentDataProperty:ue,rootData:de=o}={}){let r=null,
e=0;if(e===0)if(o&&typeof o=="object"&&!Array.isArray(o)){let J;if(o.version===void 0&&(J="version")||o.response===void 0&&
(J="response")||o.measuredAt===void 0&&(J="measuredAt")||o.greyStops===void 0&&(J="greyStops")||o.evOffset===void 0&&(J=
"evOffset"))return oe.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:J}}],!1;
{const _=e;for(const w in o)if(!(w==="version"||w==="response"||w==="measuredAt"||w==="greyStops"||w==="evOffset")){return oe.
errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:w}}],
!1;break}if(_===e){if(o.version!==void 0){const w=e;if(o.version!==1)return oe.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=w===e}else var a=!0;if(a){if(o.response!==
void 0){let w=o.response;const $=e,X=e;let m=!1,P=null;const T=e;if(w!==null){const t={instancePath:s+"/response",schemaPath:"\
#/properties/response/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[t]:r.push(t),e++}var R=T===e;R&&(m=
!0,P=0);const u=e;if(e===u)if(Array.isArray(w))if(w.length>3){const t={instancePath:s+"/response",schemaPath:"#/properti\
es/response/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};r===null?r=[t]:r.push(t),e++}else if(w.length<3){const t={
instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===
null?r=[t]:r.push(t),e++}else{var S=!0;const t=w.length;for(let p=0;p<t;p++){let F=w[p];const h=e;if(e===h)if(Array.isArray(
F))if(F.length>256){const b={instancePath:s+"/response/"+p,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"\
maxItems",params:{limit:256}};r===null?r=[b]:r.push(b),e++}else if(F.length<256){const b={instancePath:s+"/response/"+p,
schemaPath:"#/properties/response/oneOf/1/items/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[b]:r.push(b),
e++}else{var M=!0;const b=F.length;for(let N=0;N<b;N++){let pe=F[N];const y=e;if(e===y)if(typeof pe=="number"&&isFinite(
pe)){if(pe>1||isNaN(pe)){const l={instancePath:s+"/response/"+p+"/"+N,schemaPath:"#/properties/response/oneOf/1/items/it\
ems/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[l]:r.push(l),e++}else if(pe<0||isNaN(pe)){const l={
instancePath:s+"/response/"+p+"/"+N,schemaPath:"#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[l]:r.push(l),e++}}else{const l={instancePath:s+"/response/"+p+"/"+N,schemaPath:"#/\
properties/response/oneOf/1/items/items/type",keyword:"type",params:{type:"number"}};r===null?r=[l]:r.push(l),e++}var M=y===
e;if(!M)break}}else{const b={instancePath:s+"/response/"+p,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"\
type",params:{type:"array"}};r===null?r=[b]:r.push(b),e++}var S=h===e;if(!S)break}}else{const t={instancePath:s+"/respon\
se",schemaPath:"#/properties/response/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[t]:r.push(t),e++}var R=u===
e;if(R&&m?(m=!1,P=[P,1]):R&&(m=!0,P=1),m)e=X,r!==null&&(X?r.length=X:r=null);else{const t={instancePath:s+"/response",schemaPath:"\
#/properties/response/oneOf",keyword:"oneOf",params:{passingSchemas:P}};return r===null?r=[t]:r.push(t),e++,oe.errors=r,
!1}var a=$===e}else var a=!0;if(a){if(o.measuredAt!==void 0){let w=o.measuredAt;const $=e;if(!(typeof w=="number"&&isFinite(
w))&&w!==null)return oe.errors=[{instancePath:s+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{
type:ve.properties.measuredAt.type}}],!1;var a=$===e}else var a=!0;if(a){if(o.greyStops!==void 0){let w=o.greyStops;const $=e;
if(e===$)if(typeof w=="number"&&isFinite(w)){if(w>4||isNaN(w))return oe.errors=[{instancePath:s+"/greyStops",schemaPath:"\
#/properties/greyStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(w<-4||isNaN(w))return oe.errors=
[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],
!1}else return oe.errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"\
number"}}],!1;var a=$===e}else var a=!0;if(a)if(o.evOffset!==void 0){let w=o.evOffset;const $=e;if(!(typeof w=="number"&&
isFinite(w))&&w!==null)return oe.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"ty\
pe",params:{type:ve.properties.evOffset.type}}],!1;if(e===$&&typeof w=="number"&&isFinite(w)){if(w>30||isNaN(w))return oe.
errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",
limit:30}}],!1;if(w<-30||isNaN(w))return oe.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/minimu\
m",keyword:"minimum",params:{comparison:">=",limit:-30}}],!1}var a=$===e}else var a=!0}}}}}}else return oe.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return oe.errors=r,e===0}const Se=he,je={$id:"velmo/camer\
a-choice/1",oneOf:[{type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["\
device","scene"],additionalProperties:!1},{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{
id:{type:"string",maxLength:512},label:{type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{
type:"object",properties:{width:{type:"integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},
required:["width","height"],additionalProperties:!1}},required:["device"],additionalProperties:!1}]};function he(o,{instancePath:s="",
parentData:fe,parentDataProperty:ue,rootData:de=o}={}){let r=null,e=0;const a=e;let S=!1,M=null;const R=e;if(e===R)if(o&&
typeof o=="object"&&!Array.isArray(o)){let P;if(o.device===void 0&&(P="device")||o.scene===void 0&&(P="scene")){const T={
instancePath:s,schemaPath:"#/oneOf/0/required",keyword:"required",params:{missingProperty:P}};r===null?r=[T]:r.push(T),e++}else{
const T=e;for(const u in o)if(!(u==="device"||u==="scene")){const Q={instancePath:s,schemaPath:"#/oneOf/0/additionalProp\
erties",keyword:"additionalProperties",params:{additionalProperty:u}};r===null?r=[Q]:r.push(Q),e++;break}if(T===e){if(o.
device!==void 0){const u=e;if(o.device!=="simulated"){const Q={instancePath:s+"/device",schemaPath:"#/oneOf/0/properties\
/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[Q]:r.push(Q),e++}var J=u===e}else var J=!0;
if(J)if(o.scene!==void 0){let u=o.scene;const Q=e;if(e===Q)if(typeof u=="string"){if(se(u)>64){const p={instancePath:s+"\
/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",params:{limit:64}};r===null?r=[p]:r.push(p),
e++}}else{const p={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/scene/type",keyword:"type",params:{type:"str\
ing"}};r===null?r=[p]:r.push(p),e++}var J=Q===e}else var J=!0}}}else{const P={instancePath:s,schemaPath:"#/oneOf/0/type",
keyword:"type",params:{type:"object"}};r===null?r=[P]:r.push(P),e++}var m=R===e;m&&(S=!0,M=0);const _=e;if(e===_)if(o&&typeof o==
"object"&&!Array.isArray(o)){let P;if(o.device===void 0&&(P="device")){const T={instancePath:s,schemaPath:"#/oneOf/1/req\
uired",keyword:"required",params:{missingProperty:P}};r===null?r=[T]:r.push(T),e++}else{const T=e;for(const u in o)if(!(u===
"device"||u==="camera"||u==="size")){const Q={instancePath:s,schemaPath:"#/oneOf/1/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:u}};r===null?r=[Q]:r.push(Q),e++;break}if(T===e){if(o.device!==void 0){const u=e;
if(o.device!=="browser"){const Q={instancePath:s+"/device",schemaPath:"#/oneOf/1/properties/device/const",keyword:"const",
params:{allowedValue:"browser"}};r===null?r=[Q]:r.push(Q),e++}var w=u===e}else var w=!0;if(w){if(o.camera!==void 0){let u=o.
camera;const Q=e;if(e===Q)if(u&&typeof u=="object"&&!Array.isArray(u)){let p;if(u.id===void 0&&(p="id")||u.label===void 0&&
(p="label")){const F={instancePath:s+"/camera",schemaPath:"#/oneOf/1/properties/camera/required",keyword:"required",params:{
missingProperty:p}};r===null?r=[F]:r.push(F),e++}else{const F=e;for(const h in u)if(!(h==="id"||h==="label")){const k={instancePath:s+
"/camera",schemaPath:"#/oneOf/1/properties/camera/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:h}};
r===null?r=[k]:r.push(k),e++;break}if(F===e){if(u.id!==void 0){let h=u.id;const k=e;if(e===k)if(typeof h=="string"){if(se(
h)>512){const b={instancePath:s+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"m\
axLength",params:{limit:512}};r===null?r=[b]:r.push(b),e++}}else{const b={instancePath:s+"/camera/id",schemaPath:"#/oneO\
f/1/properties/camera/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[b]:r.push(b),e++}var $=k===
e}else var $=!0;if($)if(u.label!==void 0){let h=u.label;const k=e;if(e===k)if(typeof h=="string"){if(se(h)>512){const N={
instancePath:s+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{
limit:512}};r===null?r=[N]:r.push(N),e++}}else{const N={instancePath:s+"/camera/label",schemaPath:"#/oneOf/1/properties/\
camera/properties/label/type",keyword:"type",params:{type:"string"}};r===null?r=[N]:r.push(N),e++}var $=k===e}else var $=!0}}}else{
const p={instancePath:s+"/camera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===
null?r=[p]:r.push(p),e++}var w=Q===e}else var w=!0;if(w)if(o.size!==void 0){let u=o.size;const Q=e;if(e===Q)if(u&&typeof u==
"object"&&!Array.isArray(u)){let p;if(u.width===void 0&&(p="width")||u.height===void 0&&(p="height")){const F={instancePath:s+
"/size",schemaPath:"#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:p}};r===null?r=[F]:r.
push(F),e++}else{const F=e;for(const h in u)if(!(h==="width"||h==="height")){const k={instancePath:s+"/size",schemaPath:"\
#/oneOf/1/properties/size/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:h}};r===null?r=
[k]:r.push(k),e++;break}if(F===e){if(u.width!==void 0){let h=u.width;const k=e;if(!(typeof h=="number"&&!(h%1)&&!isNaN(h)&&
isFinite(h))){const b={instancePath:s+"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[b]:r.push(b),e++}if(e===k&&typeof h=="number"&&isFinite(h)){if(h>16384||isNaN(
h)){const b={instancePath:s+"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maxim\
um",params:{comparison:"<=",limit:16384}};r===null?r=[b]:r.push(b),e++}else if(h<16||isNaN(h)){const b={instancePath:s+"\
/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};
r===null?r=[b]:r.push(b),e++}}var X=k===e}else var X=!0;if(X)if(u.height!==void 0){let h=u.height;const k=e;if(!(typeof h==
"number"&&!(h%1)&&!isNaN(h)&&isFinite(h))){const N={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/\
properties/height/type",keyword:"type",params:{type:"integer"}};r===null?r=[N]:r.push(N),e++}if(e===k&&typeof h=="number"&&
isFinite(h)){if(h>16384||isNaN(h)){const N={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properti\
es/height/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};r===null?r=[N]:r.push(N),e++}else if(h<16||isNaN(
h)){const N={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"min\
imum",params:{comparison:">=",limit:16}};r===null?r=[N]:r.push(N),e++}}var X=k===e}else var X=!0}}}else{const p={instancePath:s+
"/size",schemaPath:"#/oneOf/1/properties/size/type",keyword:"type",params:{type:"object"}};r===null?r=[p]:r.push(p),e++}
var w=Q===e}else var w=!0}}}}else{const P={instancePath:s,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"objec\
t"}};r===null?r=[P]:r.push(P),e++}var m=_===e;if(m&&S?(S=!1,M=[M,1]):m&&(S=!0,M=1),S)e=a,r!==null&&(a?r.length=a:r=null);else{
const P={instancePath:s,schemaPath:"#/oneOf",keyword:"oneOf",params:{passingSchemas:M}};return r===null?r=[P]:r.push(P),
e++,he.errors=r,!1}return he.errors=r,e===0}export{Se as cameraChoice,xe as cameraLight,_e as frameRecord,Ne as olderFrameRecord,Oe as preferences,be as settings};
