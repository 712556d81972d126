/* Made of the schemas by `npm run validators`. */
const Fe=E,pe={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
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
"series","delayS"],additionalProperties:!1},we=Object.prototype.hasOwnProperty,Ne=new RegExp("^[a-z0-9-]{1,32}$","u");function E(t,{
instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let n;if(t.version===void 0&&(n="version")||t.lens===void 0&&(n="lens")||t.crop===void 0&&(n="crop")||
t.time===void 0&&(n="time")||t.iso===void 0&&(n="iso")||t.compClicks===void 0&&(n="compClicks")||t.meter===void 0&&(n="m\
eter")||t.support===void 0&&(n="support")||t.stabiliserStops===void 0&&(n="stabiliserStops")||t.filterStops===void 0&&(n=
"filterStops")||t.torch===void 0&&(n="torch")||t.flash===void 0&&(n="flash")||t.subject===void 0&&(n="subject")||t.mainsHz===
void 0&&(n="mainsHz")||t.sizeMp===void 0&&(n="sizeMp")||t.focus===void 0&&(n="focus")||t.white===void 0&&(n="white")||t.
files===void 0&&(n="files")||t.jpegQuality===void 0&&(n="jpegQuality")||t.average===void 0&&(n="average")||t.aspect===void 0&&
(n="aspect")||t.series===void 0&&(n="series")||t.delayS===void 0&&(n="delayS"))return E.errors=[{instancePath:i,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:n}}],!1;{const _=e;for(const s in t)if(!we.call(pe.properties,s)){
return E.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:s}}],
!1;break}if(_===e){if(t.version!==void 0){const s=e;if(t.version!==8)return E.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var a=s===e}else var a=!0;if(a){if(t.lens!==void 0){
let s=t.lens;const g=e;if(e===g)if(typeof s=="string"){if(!Ne.test(s))return E.errors=[{instancePath:i+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return E.errors=[{instancePath:i+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var a=g===e}else var a=!0;if(a){if(t.
crop!==void 0){let s=t.crop;const g=e;if(e===g)if(typeof s=="number"&&isFinite(s)){if(s>4||isNaN(s))return E.errors=[{instancePath:i+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(s<1||isNaN(s))
return E.errors=[{instancePath:i+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return E.errors=[{instancePath:i+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var a=g===e}else var a=!0;if(a){if(t.time!==void 0){let s=t.time;const g=e,A=e;let O=!1,C=null;const B=e;if(e===
B)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")){const y={instancePath:i+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const p in s)if(p!=="mode"){const m={instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[m]:r.push(m),e++;break}if(y===e&&s.mode!==
void 0&&s.mode!=="auto"){const p={instancePath:i+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[p]:r.push(p),e++}}}else{const o={instancePath:i+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var S=B===e;S&&(O=!0,
C=0);const h=e;if(e===h)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.click===void 0&&
(o="click")){const y={instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;for(const p in s)if(!(p==="mode"||p==="click")){const m={
instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:p}};r===null?r=[m]:r.push(m),e++;break}if(y===e){if(s.mode!==void 0){const p=e;if(s.mode!=="held"){const m={
instancePath:i+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[m]:r.push(m),e++}var j=p===e}else var j=!0;if(j)if(s.click!==void 0){let p=s.click;const m=e;if(!(typeof p==
"number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const c={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[c]:r.push(c),e++}if(e===m&&typeof p=="number"&&
isFinite(p)){if(p>18||isNaN(p)){const c={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[c]:r.push(c),e++}else if(p<-39||isNaN(p)){
const c={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[c]:r.push(c),e++}}var j=m===e}else var j=!0}}}else{const o={instancePath:i+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var S=h===e;if(S&&O?(O=!1,C=[C,1]):S&&(O=!0,C=1),O)e=A,r!==null&&(A?r.length=A:r=null);else{const o={instancePath:i+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:C}};return r===null?r=[o]:r.push(o),e++,
E.errors=r,!1}var a=g===e}else var a=!0;if(a){if(t.iso!==void 0){let s=t.iso;const g=e,A=e;let O=!1,C=null;const B=e;if(e===
B)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")){const y={instancePath:i+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const p in s)if(p!=="mode"){const m={instancePath:i+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[m]:r.push(m),e++;break}if(y===e&&s.mode!==void 0&&
s.mode!=="auto"){const p={instancePath:i+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[p]:r.push(p),e++}}}else{const o={instancePath:i+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var R=B===e;R&&(O=!0,C=0);
const h=e;if(e===h)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.click===void 0&&
(o="click")){const y={instancePath:i+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[y]:r.push(y),e++}else{const y=e;for(const p in s)if(!(p==="mode"||p==="click")){const m={instancePath:i+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};
r===null?r=[m]:r.push(m),e++;break}if(y===e){if(s.mode!==void 0){const p=e;if(s.mode!=="held"){const m={instancePath:i+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[m]:r.push(m),e++}var F=p===e}else var F=!0;if(F)if(s.click!==void 0){let p=s.click;const m=e;if(!(typeof p=="num\
ber"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const c={instancePath:i+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[c]:r.push(c),e++}if(e===m&&typeof p=="number"&&isFinite(
p)){if(p>24||isNaN(p)){const c={instancePath:i+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[c]:r.push(c),e++}else if(p<-6||isNaN(p)){const c={instancePath:i+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[c]:r.push(c),e++}}var F=m===e}else var F=!0}}}else{const o={instancePath:i+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var R=h===e;if(R&&O?(O=!1,C=[C,1]):
R&&(O=!0,C=1),O)e=A,r!==null&&(A?r.length=A:r=null);else{const o={instancePath:i+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:C}};return r===null?r=[o]:r.push(o),e++,E.errors=r,!1}var a=g===e}else var a=!0;
if(a){if(t.compClicks!==void 0){let s=t.compClicks;const g=e;if(e===g)if(typeof s=="number"&&isFinite(s)){if(s>18||isNaN(
s))return E.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(s<-18||isNaN(s))return E.errors=[{instancePath:i+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let O;if(O=s/.5,O!==parseInt(O))return E.
errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return E.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var a=g===e}else var a=!0;if(a){if(t.meter!==void 0){let s=t.meter;const g=e;if(e===g)if(s&&typeof s==
"object"&&!Array.isArray(s)){let O;if(s.pattern===void 0&&(O="pattern")||s.spot===void 0&&(O="spot")||s.lockedEv100===void 0&&
(O="lockedEv100"))return E.errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:O}}],!1;{const C=e;for(const B in s)if(!(B==="pattern"||B==="spot"||B==="lockedEv100")){return E.
errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:B}}],!1;break}if(C===e){if(s.pattern!==void 0){let B=s.pattern;const h=e;if(!(B==="whole"||B==="centr\
e"||B==="spot"||B==="highlights"))return E.errors=[{instancePath:i+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:pe.properties.meter.properties.pattern.enum}}],!1;var P=h===e}else
var P=!0;if(P){if(s.spot!==void 0){let B=s.spot;const h=e;if(e===h)if(B&&typeof B=="object"&&!Array.isArray(B)){let o;if(B.
x===void 0&&(o="x")||B.y===void 0&&(o="y"))return E.errors=[{instancePath:i+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:o}}],!1;{const y=e;for(const p in B)if(!(p==="x"||
p==="y")){return E.errors=[{instancePath:i+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(y===e){if(B.x!==void 0){let p=B.x;const m=e;
if(e===m)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(p))return E.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(p<0||
isNaN(p))return E.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return E.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var x=m===e}else var x=!0;
if(x)if(B.y!==void 0){let p=B.y;const m=e;if(e===m)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(p))return E.errors=
[{instancePath:i+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(p<0||isNaN(p))return E.errors=[{instancePath:i+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return E.
errors=[{instancePath:i+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var x=m===e}else var x=!0}}}else return E.errors=[{instancePath:i+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var P=h===e}else var P=!0;if(P)if(s.
lockedEv100!==void 0){let B=s.lockedEv100;const h=e;if(!(typeof B=="number"&&isFinite(B))&&B!==null)return E.errors=[{instancePath:i+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:pe.properties.
meter.properties.lockedEv100.type}}],!1;if(e===h&&typeof B=="number"&&isFinite(B)){if(B>30||isNaN(B))return E.errors=[{instancePath:i+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(B<-20||isNaN(B))return E.errors=[{instancePath:i+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var P=h===e}else var P=!0}}}}else
return E.errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var a=g===e}else var a=!0;if(a){if(t.support!==void 0){let s=t.support;const g=e;if(!(s==="hand"||s==="tripod"))return E.
errors=[{instancePath:i+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:pe.properties.
support.enum}}],!1;var a=g===e}else var a=!0;if(a){if(t.stabiliserStops!==void 0){let s=t.stabiliserStops;const g=e;if(!(typeof s==
"number"&&!(s%1)&&!isNaN(s)&&isFinite(s)))return E.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===g&&typeof s=="number"&&isFinite(s)){if(s>5||isNaN(
s))return E.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(s<0||isNaN(s))return E.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var a=g===e}else var a=!0;
if(a){if(t.filterStops!==void 0){let s=t.filterStops;const g=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s)))
return E.errors=[{instancePath:i+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===g&&typeof s=="number"&&isFinite(s)){if(s>10||isNaN(s))return E.errors=[{instancePath:i+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(s<0||isNaN(
s))return E.errors=[{instancePath:i+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var a=g===e}else var a=!0;if(a){if(t.torch!==void 0){const s=e;if(typeof t.torch!="boolean")
return E.errors=[{instancePath:i+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var a=s===e}else var a=!0;if(a){if(t.flash!==void 0){let s=t.flash;const g=e;if(!(s==="off"||s==="begin"||s==="end"))
return E.errors=[{instancePath:i+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:pe.properties.
flash.enum}}],!1;var a=g===e}else var a=!0;if(a){if(t.subject!==void 0){let s=t.subject;const g=e;if(!(s==="scene"||s===
"still"||s==="walking"||s==="running"||s==="vehicle"))return E.errors=[{instancePath:i+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:pe.properties.subject.enum}}],!1;var a=g===e}else var a=!0;if(a){if(t.
mainsHz!==void 0){let s=t.mainsHz;const g=e;if(!(s===50||s===60))return E.errors=[{instancePath:i+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:pe.properties.mainsHz.enum}}],!1;var a=g===e}else var a=!0;
if(a){if(t.sizeMp!==void 0){let s=t.sizeMp;const g=e;if(!(s===12||s===3))return E.errors=[{instancePath:i+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:pe.properties.sizeMp.enum}}],!1;var a=g===e}else var a=!0;
if(a){if(t.focus!==void 0){let s=t.focus;const g=e,A=e;let O=!1,C=null;const B=e;if(e===B)if(s&&typeof s=="object"&&!Array.
isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.spot===void 0&&(o="spot")||s.follow===void 0&&(o="follow")){const y={
instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[y]:r.push(y),e++}else{const y=e;for(const p in s)if(!(p==="mode"||p==="spot"||p==="follow")){const m={instancePath:i+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};
r===null?r=[m]:r.push(m),e++;break}if(y===e){if(s.mode!==void 0){const p=e;if(s.mode!=="auto"){const m={instancePath:i+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[m]:r.push(m),e++}var G=p===e}else var G=!0;if(G){if(s.spot!==void 0){let p=s.spot;const m=e;if(e===m)if(p&&typeof p==
"object"&&!Array.isArray(p)){let c;if(p.x===void 0&&(c="x")||p.y===void 0&&(c="y")){const D={instancePath:i+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:c}};r===null?
r=[D]:r.push(D),e++}else{const D=e;for(const Z in p)if(!(Z==="x"||Z==="y")){const w={instancePath:i+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:Z}};
r===null?r=[w]:r.push(w),e++;break}if(D===e){if(p.x!==void 0){let Z=p.x;const w=e;if(e===w)if(typeof Z=="number"&&isFinite(
Z)){if(Z>1||isNaN(Z)){const z={instancePath:i+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[z]:r.push(z),e++}else if(Z<0||isNaN(Z)){
const z={instancePath:i+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[z]:r.push(z),e++}}else{const z={instancePath:i+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[z]:r.push(
z),e++}var b=w===e}else var b=!0;if(b)if(p.y!==void 0){let Z=p.y;const w=e;if(e===w)if(typeof Z=="number"&&isFinite(Z)){
if(Z>1||isNaN(Z)){const v={instancePath:i+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[v]:r.push(v),e++}else if(Z<0||isNaN(Z)){const v={
instancePath:i+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[v]:r.push(v),e++}}else{const v={instancePath:i+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[v]:r.push(
v),e++}var b=w===e}else var b=!0}}}else{const c={instancePath:i+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}var G=m===e}else var G=!0;if(G)if(s.
follow!==void 0){const p=e;if(typeof s.follow!="boolean"){const L={instancePath:i+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[L]:r.push(L),e++}var G=p===
e}else var G=!0}}}}else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var k=B===e;k&&(O=!0,C=0);const h=e;if(e===h)if(s&&typeof s=="object"&&!Array.
isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.dioptres===void 0&&(o="dioptres")){const y={instancePath:i+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),
e++}else{const y=e;for(const p in s)if(!(p==="mode"||p==="dioptres")){const m={instancePath:i+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[m]:
r.push(m),e++;break}if(y===e){if(s.mode!==void 0){const p=e;if(s.mode!=="held"){const m={instancePath:i+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[m]:r.push(m),
e++}var u=p===e}else var u=!0;if(u)if(s.dioptres!==void 0){let p=s.dioptres;const m=e;if(e===m)if(typeof p=="number"&&isFinite(
p)){if(p>25||isNaN(p)){const c={instancePath:i+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[c]:r.push(c),e++}else if(p<-1||isNaN(p)){const c={
instancePath:i+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:i+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var u=m===
e}else var u=!0}}}else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var k=h===e;if(k&&O?(O=!1,C=[C,1]):k&&(O=!0,C=1),O)e=A,r!==null&&(A?r.length=
A:r=null);else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:C}};
return r===null?r=[o]:r.push(o),e++,E.errors=r,!1}var a=g===e}else var a=!0;if(a){if(t.white!==void 0){let s=t.white;const g=e,
A=e;let O=!1,C=null;const B=e;if(e===B)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")||
s.locked===void 0&&(o="locked")){const y={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;for(const p in s)if(!(p==="mode"||p===
"locked")){const m={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:p}};r===null?r=[m]:r.push(m),e++;break}if(y===e){if(s.mode!==void 0){const p=e;
if(s.mode!=="auto"){const m={instancePath:i+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[m]:r.push(m),e++}var W=p===e}else var W=!0;if(W)if(s.locked!==
void 0){let p=s.locked;const m=e,L=e;let c=!1,D=null;const Z=e;if(p!==null){const v={instancePath:i+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[v]:r.push(v),
e++}var d=Z===e;d&&(c=!0,D=0);const w=e;if(e===w)if(p&&typeof p=="object"&&!Array.isArray(p)){let v;if(p.kelvin===void 0&&
(v="kelvin")||p.tint===void 0&&(v="tint")){const q={instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:v}};r===null?r=[q]:r.push(q),e++}else{const q=e;
for(const X in p)if(!(X==="kelvin"||X==="tint")){const M={instancePath:i+"/white/locked",schemaPath:"#/properties/white/\
oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:X}};r===
null?r=[M]:r.push(M),e++;break}if(q===e){if(p.kelvin!==void 0){let X=p.kelvin;const M=e;if(e===M)if(typeof X=="number"&&
isFinite(X)){if(X>12e3||isNaN(X)){const ae={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/white/oneOf/0\
/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=
[ae]:r.push(ae),e++}else if(X<2e3||isNaN(X)){const ae={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",limit:2e3}};r===
null?r=[ae]:r.push(ae),e++}}else{const ae={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/white/oneOf/0/\
properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[ae]:r.push(ae),e++}
var N=M===e}else var N=!0;if(N)if(p.tint!==void 0){let X=p.tint;const M=e;if(e===M)if(typeof X=="number"&&isFinite(X)){if(X>
30||isNaN(X)){const ne={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/one\
Of/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[ne]:r.push(ne),e++}else if(X<
-30||isNaN(X)){const ne={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/on\
eOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===null?r=[ne]:r.push(ne),e++}}else{
const ne={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/propertie\
s/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[ne]:r.push(ne),e++}var N=M===e}else var N=!0}}}else{const v={
instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[v]:r.push(v),e++}var d=w===e;if(d&&c?(c=!1,D=[D,1]):d&&(c=!0,D=1),c)e=L,r!==null&&(L?r.length=
L:r=null);else{const v={instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf",keyword:"\
oneOf",params:{passingSchemas:D}};r===null?r=[v]:r.push(v),e++}var W=m===e}else var W=!0}}}else{const o={instancePath:i+
"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var f=B===e;f&&(O=!0,C=0);const h=e;if(e===h)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="\
mode")||s.kelvin===void 0&&(o="kelvin")||s.tint===void 0&&(o="tint")){const y={instancePath:i+"/white",schemaPath:"#/pro\
perties/white/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const p in s)if(!(p==="mode"||p==="kelvin"||p==="tint")){const m={instancePath:i+"/white",schemaPath:"#/properties/w\
hite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[m]:r.push(m),
e++;break}if(y===e){if(s.mode!==void 0){const p=e;if(s.mode!=="held"){const m={instancePath:i+"/white/mode",schemaPath:"\
#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[m]:r.push(m),
e++}var l=p===e}else var l=!0;if(l){if(s.kelvin!==void 0){let p=s.kelvin;const m=e;if(e===m)if(typeof p=="number"&&isFinite(
p)){if(p>12e3||isNaN(p)){const c={instancePath:i+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvi\
n/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[c]:r.push(c),e++}else if(p<2e3||isNaN(p)){
const c={instancePath:i+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"minim\
um",params:{comparison:">=",limit:2e3}};r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:i+"/white/kelvin",schemaPath:"\
#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var l=m===
e}else var l=!0;if(l)if(s.tint!==void 0){let p=s.tint;const m=e;if(e===m)if(typeof p=="number"&&isFinite(p)){if(p>30||isNaN(
p)){const c={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/maximum",keyword:"maxim\
um",params:{comparison:"<=",limit:30}};r===null?r=[c]:r.push(c),e++}else if(p<-30||isNaN(p)){const c={instancePath:i+"/w\
hite/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properti\
es/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var l=m===e}else var l=!0}}}}else{const o={
instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[
o]:r.push(o),e++}var f=h===e;if(f&&O?(O=!1,C=[C,1]):f&&(O=!0,C=1),O)e=A,r!==null&&(A?r.length=A:r=null);else{const o={instancePath:i+
"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:C}};return r===null?r=[o]:r.push(o),
e++,E.errors=r,!1}var a=g===e}else var a=!0;if(a){if(t.files!==void 0){let s=t.files;const g=e;if(!(s==="dng"||s==="dng+\
jpeg"||s==="jpeg"||s==="tiff"||s==="png"))return E.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/enum",
keyword:"enum",params:{allowedValues:pe.properties.files.enum}}],!1;var a=g===e}else var a=!0;if(a){if(t.jpegQuality!==void 0){
let s=t.jpegQuality;const g=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s)))return E.errors=[{instancePath:i+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],!1;if(e===g&&typeof s==
"number"&&isFinite(s)){if(s>100||isNaN(s))return E.errors=[{instancePath:i+"/jpegQuality",schemaPath:"#/properties/jpegQ\
uality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(s<60||isNaN(s))return E.errors=[{instancePath:i+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",limit:60}}],!1}var a=g===
e}else var a=!0;if(a){if(t.average!==void 0){let s=t.average;const g=e,A=e;let O=!1,C=null;const B=e;if(s!==1){const o={
instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};r===null?
r=[o]:r.push(o),e++}var H=B===e;H&&(O=!0,C=0);const h=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s))){const o={
instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};r===null?
r=[o]:r.push(o),e++}if(e===h&&typeof s=="number"&&isFinite(s)){if(s>64||isNaN(s)){const o={instancePath:i+"/average",schemaPath:"\
#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=[o]:r.push(o),e++}else if(s<
4||isNaN(s)){const o={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/minimum",keyword:"minimum",params:{
comparison:">=",limit:4}};r===null?r=[o]:r.push(o),e++}}var H=h===e;if(H&&O?(O=!1,C=[C,1]):H&&(O=!0,C=1),O)e=A,r!==null&&
(A?r.length=A:r=null);else{const o={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{
passingSchemas:C}};return r===null?r=[o]:r.push(o),e++,E.errors=r,!1}var a=g===e}else var a=!0;if(a){if(t.aspect!==void 0){
let s=t.aspect;const g=e;if(!(s==="4:3"||s==="3:2"||s==="16:9"||s==="1:1"))return E.errors=[{instancePath:i+"/aspect",schemaPath:"\
#/properties/aspect/enum",keyword:"enum",params:{allowedValues:pe.properties.aspect.enum}}],!1;var a=g===e}else var a=!0;
if(a){if(t.series!==void 0){let s=t.series;const g=e,A=e;let O=!1,C=null;const B=e;if(e===B)if(s&&typeof s=="object"&&!Array.
isArray(s)){let o;if(s.kind===void 0&&(o="kind")){const y={instancePath:i+"/series",schemaPath:"#/properties/series/oneO\
f/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;for(const p in s)
if(p!=="kind"){const m={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/0/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:p}};r===null?r=[m]:r.push(m),e++;break}if(y===e&&s.kind!==void 0&&s.kind!==
"single"){const p={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/0/properties/kind/const",keyword:"\
const",params:{allowedValue:"single"}};r===null?r=[p]:r.push(p),e++}}}else{const o={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var $=B===e;$&&(O=
!0,C=0);const h=e;if(e===h)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.kind===void 0&&(o="kind")||s.frames===
void 0&&(o="frames")||s.stepClicks===void 0&&(o="stepClicks")||s.order===void 0&&(o="order")){const y={instancePath:i+"/\
series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:
r.push(y),e++}else{const y=e;for(const p in s)if(!(p==="kind"||p==="frames"||p==="stepClicks"||p==="order")){const m={instancePath:i+
"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};
r===null?r=[m]:r.push(m),e++;break}if(y===e){if(s.kind!==void 0){const p=e;if(s.kind!=="bracket"){const m={instancePath:i+
"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/const",keyword:"const",params:{allowedValue:"brac\
ket"}};r===null?r=[m]:r.push(m),e++}var V=p===e}else var V=!0;if(V){if(s.frames!==void 0){let p=s.frames;const m=e;if(!(typeof p==
"number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const c={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneO\
f/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[c]:r.push(c),e++}if(e===m&&typeof p=="nu\
mber"&&isFinite(p)){if(p>9||isNaN(p)){const c={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneOf/1/p\
roperties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[c]:r.push(c),e++}else if(p<2||
isNaN(p)){const c={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2}};r===null?r=[c]:r.push(c),e++}}var V=m===e}else var V=!0;if(V){if(s.stepClicks!==
void 0){let p=s.stepClicks;const m=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const c={instancePath:i+"\
/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/type",keyword:"type",params:{type:"int\
eger"}};r===null?r=[c]:r.push(c),e++}if(e===m&&typeof p=="number"&&isFinite(p)){if(p>9||isNaN(p)){const c={instancePath:i+
"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}};r===null?r=[c]:r.push(c),e++}else if(p<1||isNaN(p)){const c={instancePath:i+"/series/stepClicks",schemaPath:"\
#/properties/series/oneOf/1/properties/stepClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?
r=[c]:r.push(c),e++}}var V=m===e}else var V=!0;if(V)if(s.order!==void 0){let p=s.order;const m=e;if(!(p==="middle-first"||
p==="dark-first"||p==="bright-first")){const c={instancePath:i+"/series/order",schemaPath:"#/properties/series/oneOf/1/p\
roperties/order/enum",keyword:"enum",params:{allowedValues:pe.properties.series.oneOf[1].properties.order.enum}};r===null?
r=[c]:r.push(c),e++}var V=m===e}else var V=!0}}}}}else{const o={instancePath:i+"/series",schemaPath:"#/properties/series\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var $=h===e;if($&&O)O=!1,C=[C,1];else{
$&&(O=!0,C=1);const o=e;if(e===o)if(s&&typeof s=="object"&&!Array.isArray(s)){let p;if(s.kind===void 0&&(p="kind")||s.frames===
void 0&&(p="frames")){const m={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/required",keyword:"requi\
red",params:{missingProperty:p}};r===null?r=[m]:r.push(m),e++}else{const m=e;for(const L in s)if(!(L==="kind"||L==="fram\
es")){const c={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/additionalProperties",keyword:"additiona\
lProperties",params:{additionalProperty:L}};r===null?r=[c]:r.push(c),e++;break}if(m===e){if(s.kind!==void 0){const L=e;if(s.
kind!=="burst"){const c={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/2/properties/kind/const",keyword:"\
const",params:{allowedValue:"burst"}};r===null?r=[c]:r.push(c),e++}var J=L===e}else var J=!0;if(J)if(s.frames!==void 0){
let L=s.frames;const c=e;if(!(typeof L=="number"&&!(L%1)&&!isNaN(L)&&isFinite(L))){const Z={instancePath:i+"/series/fram\
es",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[
Z]:r.push(Z),e++}if(e===c&&typeof L=="number"&&isFinite(L)){if(L>60||isNaN(L)){const Z={instancePath:i+"/series/frames",
schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:60}};
r===null?r=[Z]:r.push(Z),e++}else if(L<3||isNaN(L)){const Z={instancePath:i+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:3}};r===null?r=[Z]:r.push(Z),e++}}
var J=c===e}else var J=!0}}}else{const p={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/type",keyword:"\
type",params:{type:"object"}};r===null?r=[p]:r.push(p),e++}var $=o===e;if($&&O)O=!1,C=[C,2];else{$&&(O=!0,C=2);const p=e;
if(e===p)if(s&&typeof s=="object"&&!Array.isArray(s)){let L;if(s.kind===void 0&&(L="kind")||s.places===void 0&&(L="place\
s")||s.nearDioptres===void 0&&(L="nearDioptres")||s.farDioptres===void 0&&(L="farDioptres")||s.overlap===void 0&&(L="ove\
rlap")){const c={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/required",keyword:"required",params:{missingProperty:L}};
r===null?r=[c]:r.push(c),e++}else{const c=e;for(const D in s)if(!(D==="kind"||D==="places"||D==="nearDioptres"||D==="far\
Dioptres"||D==="overlap")){const Z={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/additionalPropertie\
s",keyword:"additionalProperties",params:{additionalProperty:D}};r===null?r=[Z]:r.push(Z),e++;break}if(c===e){if(s.kind!==
void 0){const D=e;if(s.kind!=="focus"){const Z={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/3/pr\
operties/kind/const",keyword:"const",params:{allowedValue:"focus"}};r===null?r=[Z]:r.push(Z),e++}var K=D===e}else var K=!0;
if(K){if(s.places!==void 0){let D=s.places;const Z=e,w=e;let z=!1,v=null;const q=e;if(D!==null){const ae={instancePath:i+
"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[ae]:r.push(ae),e++}var Y=q===e;Y&&(z=!0,v=0);const X=e;if(e===X)if(Array.isArray(D))if(D.length>30){const ae={
instancePath:i+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/maxItems",keyword:"max\
Items",params:{limit:30}};r===null?r=[ae]:r.push(ae),e++}else{var te=!0;const ae=D.length;for(let ne=0;ne<ae;ne++){let ge=D[ne];
const be=e;if(e===be)if(typeof ge=="number"&&isFinite(ge)){if(ge>25||isNaN(ge)){const ke={instancePath:i+"/series/places\
/"+ne,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:25}};r===null?r=[ke]:r.push(ke),e++}else if(ge<-1||isNaN(ge)){const ke={instancePath:i+"/series/places/"+ne,schemaPath:"\
#/properties/series/oneOf/3/properties/places/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};
r===null?r=[ke]:r.push(ke),e++}}else{const ke={instancePath:i+"/series/places/"+ne,schemaPath:"#/properties/series/oneOf\
/3/properties/places/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===null?r=[ke]:r.push(ke),e++}var te=be===
e;if(!te)break}}else{const ae={instancePath:i+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places\
/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[ae]:r.push(ae),e++}var Y=X===e;if(Y&&z?(z=!1,v=[v,1]):Y&&
(z=!0,v=1),z)e=w,r!==null&&(w?r.length=w:r=null);else{const ae={instancePath:i+"/series/places",schemaPath:"#/properties\
/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{passingSchemas:v}};r===null?r=[ae]:r.push(ae),e++}var K=Z===
e}else var K=!0;if(K){if(s.nearDioptres!==void 0){let D=s.nearDioptres;const Z=e;if(e===Z)if(typeof D=="number"&&isFinite(
D)){if(D>25||isNaN(D)){const z={instancePath:i+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties\
/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[z]:r.push(z),e++}else if(D<-1||isNaN(
D)){const z={instancePath:i+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[z]:r.push(z),e++}}else{const z={instancePath:i+"/se\
ries/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[z]:r.push(z),e++}var K=Z===e}else var K=!0;if(K){if(s.farDioptres!==void 0){let D=s.farDioptres;const Z=e;
if(e===Z)if(typeof D=="number"&&isFinite(D)){if(D>25||isNaN(D)){const z={instancePath:i+"/series/farDioptres",schemaPath:"\
#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?
r=[z]:r.push(z),e++}else if(D<-1||isNaN(D)){const z={instancePath:i+"/series/farDioptres",schemaPath:"#/properties/serie\
s/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[z]:r.push(z),
e++}}else{const z={instancePath:i+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[z]:r.push(z),e++}var K=Z===e}else var K=!0;if(K)if(s.overlap!==void 0){
let D=s.overlap;const Z=e;if(e===Z)if(typeof D=="number"&&isFinite(D)){if(D>.8||isNaN(D)){const z={instancePath:i+"/seri\
es/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maximum",keyword:"maximum",params:{comparison:"<=",
limit:.8}};r===null?r=[z]:r.push(z),e++}else if(D<0||isNaN(D)){const z={instancePath:i+"/series/overlap",schemaPath:"#/p\
roperties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[z]:
r.push(z),e++}}else{const z={instancePath:i+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap\
/type",keyword:"type",params:{type:"number"}};r===null?r=[z]:r.push(z),e++}var K=Z===e}else var K=!0}}}}}}else{const L={
instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{type:"object"}};r===null?r=
[L]:r.push(L),e++}var $=p===e;if($&&O)O=!1,C=[C,3];else{$&&(O=!0,C=3);const L=e;if(e===L)if(s&&typeof s=="object"&&!Array.
isArray(s)){let D;if(s.kind===void 0&&(D="kind")||s.everyS===void 0&&(D="everyS")||s.frames===void 0&&(D="frames")||s.exposure===
void 0&&(D="exposure")||s.lightS===void 0&&(D="lightS")){const Z={instancePath:i+"/series",schemaPath:"#/properties/seri\
es/oneOf/4/required",keyword:"required",params:{missingProperty:D}};r===null?r=[Z]:r.push(Z),e++}else{const Z=e;for(const w in s)
if(!(w==="kind"||w==="everyS"||w==="frames"||w==="exposure"||w==="lightS")){const z={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/4/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:w}};r===null?
r=[z]:r.push(z),e++;break}if(Z===e){if(s.kind!==void 0){const w=e;if(s.kind!=="interval"){const z={instancePath:i+"/seri\
es/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"const",params:{allowedValue:"interval"}};
r===null?r=[z]:r.push(z),e++}var I=w===e}else var I=!0;if(I){if(s.everyS!==void 0){let w=s.everyS;const z=e;if(!(typeof w==
"number"&&!(w%1)&&!isNaN(w)&&isFinite(w))){const q={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneO\
f/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[q]:r.push(q),e++}if(e===z&&typeof w=="nu\
mber"&&isFinite(w)){if(w>3600||isNaN(w)){const q={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneOf/\
4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};r===null?r=[q]:r.push(q),e++}else if(w<
1||isNaN(w)){const q={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/minimum",
keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[q]:r.push(q),e++}}var I=z===e}else var I=!0;if(I){if(s.frames!==
void 0){let w=s.frames;const z=e;if(!(typeof w=="number"&&!(w%1)&&!isNaN(w)&&isFinite(w))){const q={instancePath:i+"/ser\
ies/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[q]:r.push(q),e++}if(e===z&&typeof w=="number"&&isFinite(w)){if(w>999||isNaN(w)){const q={instancePath:i+"/series\
/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:999}};
r===null?r=[q]:r.push(q),e++}else if(w<2||isNaN(w)){const q={instancePath:i+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[q]:r.push(q),e++}}
var I=z===e}else var I=!0;if(I){if(s.exposure!==void 0){let w=s.exposure;const z=e;if(!(w==="held"||w==="metered")){const q={
instancePath:i+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/properties/exposure/enum",keyword:"enum",params:{
allowedValues:pe.properties.series.oneOf[4].properties.exposure.enum}};r===null?r=[q]:r.push(q),e++}var I=z===e}else var I=!0;
if(I)if(s.lightS!==void 0){let w=s.lightS;const z=e;if(!(typeof w=="number"&&!(w%1)&&!isNaN(w)&&isFinite(w))){const q={instancePath:i+
"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/type",keyword:"type",params:{type:"integer"}};
r===null?r=[q]:r.push(q),e++}if(e===z&&typeof w=="number"&&isFinite(w)){if(w>86400||isNaN(w)){const q={instancePath:i+"/\
series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:86400}};r===null?r=[q]:r.push(q),e++}else if(w<0||isNaN(w)){const q={instancePath:i+"/series/lightS",schemaPath:"\
#/properties/series/oneOf/4/properties/lightS/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[q]:
r.push(q),e++}}var I=z===e}else var I=!0}}}}}}else{const D={instancePath:i+"/series",schemaPath:"#/properties/series/one\
Of/4/type",keyword:"type",params:{type:"object"}};r===null?r=[D]:r.push(D),e++}var $=L===e;if($&&O)O=!1,C=[C,4];else{$&&
(O=!0,C=4);const D=e;if(e===D)if(s&&typeof s=="object"&&!Array.isArray(s)){let w;if(s.kind===void 0&&(w="kind")||s.totalS===
void 0&&(w="totalS")||s.gather===void 0&&(w="gather")){const z={instancePath:i+"/series",schemaPath:"#/properties/series\
/oneOf/5/required",keyword:"required",params:{missingProperty:w}};r===null?r=[z]:r.push(z),e++}else{const z=e;for(const v in s)
if(!(v==="kind"||v==="totalS"||v==="gather")){const q={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/5/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:v}};r===null?r=[q]:r.push(q),e++;break}if(z===
e){if(s.kind!==void 0){const v=e;if(s.kind!=="long"){const q={instancePath:i+"/series/kind",schemaPath:"#/properties/ser\
ies/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};r===null?r=[q]:r.push(q),e++}var Q=v===
e}else var Q=!0;if(Q){if(s.totalS!==void 0){let v=s.totalS;const q=e;if(!(typeof v=="number"&&!(v%1)&&!isNaN(v)&&isFinite(
v))){const M={instancePath:i+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[M]:r.push(M),e++}if(e===q&&typeof v=="number"&&isFinite(v)){if(v>7200||isNaN(v)){
const M={instancePath:i+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:7200}};r===null?r=[M]:r.push(M),e++}else if(v<30||isNaN(v)){const M={instancePath:i+
"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:30}};r===null?r=[M]:r.push(M),e++}}var Q=q===e}else var Q=!0;if(Q)if(s.gather!==void 0){let v=s.gather;const q=e;
if(!(v==="mean"||v==="sum"||v==="brightest")){const M={instancePath:i+"/series/gather",schemaPath:"#/properties/series/o\
neOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:pe.properties.series.oneOf[5].properties.gather.enum}};
r===null?r=[M]:r.push(M),e++}var Q=q===e}else var Q=!0}}}}else{const w={instancePath:i+"/series",schemaPath:"#/propertie\
s/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var $=D===e;$&&O?(O=!1,C=[C,5]):
$&&(O=!0,C=5)}}}}if(O)e=A,r!==null&&(A?r.length=A:r=null);else{const o={instancePath:i+"/series",schemaPath:"#/propertie\
s/series/oneOf",keyword:"oneOf",params:{passingSchemas:C}};return r===null?r=[o]:r.push(o),e++,E.errors=r,!1}var a=g===e}else
var a=!0;if(a)if(t.delayS!==void 0){let s=t.delayS;const g=e;if(!(s===0||s===2||s===3||s===10||s===20))return E.errors=[
{instancePath:i+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{allowedValues:pe.properties.delayS.
enum}}],!1;var a=g===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}else return E.errors=[{instancePath:i,schemaPath:"#/type",keyword:"\
type",params:{type:"object"}}],!1;return E.errors=r,e===0}const Ce=T,fe={$id:"velmo/preferences/6",type:"object",properties:{
version:{const:6},compStepClicks:{enum:[1,1.5,3]},monitors:{type:"object",properties:{over:{enum:["any","red","green","b\
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
lways","never"]},naming:{type:"object",properties:{pattern:{type:"string",maxLength:80},count:{type:"integer",minimum:1,
maximum:1e9}},required:["pattern","count"],additionalProperties:!1}},required:["version","compStepClicks","monitors","fo\
cusing","naming","delaySound","lightAhead"],additionalProperties:!1},oe=require("ajv/dist/runtime/ucs2length").default;function T(t,{
instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let G;if(t.version===void 0&&(G="version")||t.compStepClicks===void 0&&(G="compStepClicks")||t.monitors===
void 0&&(G="monitors")||t.focusing===void 0&&(G="focusing")||t.naming===void 0&&(G="naming")||t.delaySound===void 0&&(G=
"delaySound")||t.lightAhead===void 0&&(G="lightAhead"))return T.errors=[{instancePath:i,schemaPath:"#/required",keyword:"\
required",params:{missingProperty:G}}],!1;{const b=e;for(const u in t)if(!(u==="version"||u==="compStepClicks"||u==="mon\
itors"||u==="focusing"||u==="delaySound"||u==="lightAhead"||u==="naming")){return T.errors=[{instancePath:i,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:u}}],!1;break}if(b===e){if(t.version!==
void 0){const u=e;if(t.version!==6)return T.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:6}}],!1;var a=u===e}else var a=!0;if(a){if(t.compStepClicks!==void 0){let u=t.compStepClicks;
const k=e;if(!(u===1||u===1.5||u===3))return T.errors=[{instancePath:i+"/compStepClicks",schemaPath:"#/properties/compSt\
epClicks/enum",keyword:"enum",params:{allowedValues:fe.properties.compStepClicks.enum}}],!1;var a=k===e}else var a=!0;if(a){
if(t.monitors!==void 0){let u=t.monitors;const k=e;if(e===k)if(u&&typeof u=="object"&&!Array.isArray(u)){let N;if(u.over===
void 0&&(N="over")||u.overColour===void 0&&(N="overColour")||u.under===void 0&&(N="under")||u.zebra===void 0&&(N="zebra")||
u.toneClicks===void 0&&(N="toneClicks")||u.rawHistogram===void 0&&(N="rawHistogram")||u.logHeight===void 0&&(N="logHeigh\
t")||u.pictureHistogram===void 0&&(N="pictureHistogram")||u.allowedShare===void 0&&(N="allowedShare")||u.peaking===void 0&&
(N="peaking")||u.peakingStrength===void 0&&(N="peakingStrength")||u.peakingColour===void 0&&(N="peakingColour"))return T.
errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/required",keyword:"required",params:{missingProperty:N}}],
!1;{const d=e;for(const l in u)if(!we.call(fe.properties.monitors.properties,l)){return T.errors=[{instancePath:i+"/moni\
tors",schemaPath:"#/properties/monitors/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],
!1;break}if(d===e){if(u.over!==void 0){let l=u.over;const f=e;if(!(l==="any"||l==="red"||l==="green"||l==="blue"||l==="o\
ff"))return T.errors=[{instancePath:i+"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"\
enum",params:{allowedValues:fe.properties.monitors.properties.over.enum}}],!1;var j=f===e}else var j=!0;if(j){if(u.overColour!==
void 0){let l=u.overColour;const f=e;if(!(l==="pink"||l==="white"||l==="black"))return T.errors=[{instancePath:i+"/monit\
ors/overColour",schemaPath:"#/properties/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:fe.properties.
monitors.properties.overColour.enum}}],!1;var j=f===e}else var j=!0;if(j){if(u.under!==void 0){const l=e;if(typeof u.under!=
"boolean")return T.errors=[{instancePath:i+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"\
type",params:{type:"boolean"}}],!1;var j=l===e}else var j=!0;if(j){if(u.zebra!==void 0){let l=u.zebra;const f=e,H=e;let V=!1,
$=null;const J=e;if(l!==null){const Y={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zeb\
ra/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[Y]:r.push(Y),e++}var F=J===e;F&&(V=!0,$=0);const K=e;if(e===
K)if(l&&typeof l=="object"&&!Array.isArray(l)){let Y;if(l.on===void 0&&(Y="on")||l.clicksUnder===void 0&&(Y="clicksUnder")){
const I={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"\
required",params:{missingProperty:Y}};r===null?r=[I]:r.push(I),e++}else{const I=e;for(const Q in l)if(!(Q==="on"||Q==="c\
licksUnder")){const n={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/addit\
ionalProperties",keyword:"additionalProperties",params:{additionalProperty:Q}};r===null?r=[n]:r.push(n),e++;break}if(I===
e){if(l.on!==void 0){const Q=e;if(l.on!=="raw"){const n={instancePath:i+"/monitors/zebra/on",schemaPath:"#/properties/mo\
nitors/properties/zebra/oneOf/1/properties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[n]:r.push(
n),e++}var S=Q===e}else var S=!0;if(S)if(l.clicksUnder!==void 0){let Q=l.clicksUnder;const n=e;if(!(typeof Q=="number"&&
!(Q%1)&&!isNaN(Q)&&isFinite(Q))){const s={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors\
/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[s]:r.push(s),
e++}if(e===n&&typeof Q=="number"&&isFinite(Q)){if(Q>9||isNaN(Q)){const s={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",
limit:9}};r===null?r=[s]:r.push(s),e++}else if(Q<0||isNaN(Q)){const s={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[s]:r.push(s),e++}}var S=n===e}else var S=!0}}}else{const Y={instancePath:i+"/monitors/zebra",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[Y]:r.push(Y),e++}
var F=K===e;if(F&&V)V=!1,$=[$,1];else{F&&(V=!0,$=1);const Y=e;if(e===Y)if(l&&typeof l=="object"&&!Array.isArray(l)){let Q;
if(l.on===void 0&&(Q="on")||l.percent===void 0&&(Q="percent")){const n={instancePath:i+"/monitors/zebra",schemaPath:"#/p\
roperties/monitors/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:Q}};r===null?r=[n]:r.push(
n),e++}else{const n=e;for(const _ in l)if(!(_==="on"||_==="percent")){const s={instancePath:i+"/monitors/zebra",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:_}};
r===null?r=[s]:r.push(s),e++;break}if(n===e){if(l.on!==void 0){const _=e;if(l.on!=="picture"){const s={instancePath:i+"/\
monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{
allowedValue:"picture"}};r===null?r=[s]:r.push(s),e++}var R=_===e}else var R=!0;if(R)if(l.percent!==void 0){let _=l.percent;
const s=e;if(!(typeof _=="number"&&!(_%1)&&!isNaN(_)&&isFinite(_))){const A={instancePath:i+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?
r=[A]:r.push(A),e++}if(e===s&&typeof _=="number"&&isFinite(_)){if(_>109||isNaN(_)){const A={instancePath:i+"/monitors/ze\
bra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{
comparison:"<=",limit:109}};r===null?r=[A]:r.push(A),e++}else if(_<70||isNaN(_)){const A={instancePath:i+"/monitors/zebr\
a/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{
comparison:">=",limit:70}};r===null?r=[A]:r.push(A),e++}}var R=s===e}else var R=!0}}}else{const Q={instancePath:i+"/moni\
tors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===
null?r=[Q]:r.push(Q),e++}var F=Y===e;F&&V?(V=!1,$=[$,2]):F&&(V=!0,$=2)}if(V)e=H,r!==null&&(H?r.length=H:r=null);else{const Y={
instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:$}};
return r===null?r=[Y]:r.push(Y),e++,T.errors=r,!1}var j=f===e}else var j=!0;if(j){if(u.toneClicks!==void 0){let l=u.toneClicks;
const f=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))&&l!==null)return T.errors=[{instancePath:i+"/monitors\
/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:fe.properties.monitors.
properties.toneClicks.type}}],!1;if(e===f&&typeof l=="number"&&isFinite(l)){if(l>9||isNaN(l))return T.errors=[{instancePath:i+
"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(l<-18||isNaN(l))return T.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"#/properties/mo\
nitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var j=f===e}else var j=!0;
if(j){if(u.rawHistogram!==void 0){let l=u.rawHistogram;const f=e;if(!(l==="off"||l==="small"||l==="large"))return T.errors=
[{instancePath:i+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:fe.properties.monitors.properties.rawHistogram.enum}}],!1;var j=f===e}else var j=!0;if(j){if(u.logHeight!==
void 0){const l=e;if(typeof u.logHeight!="boolean")return T.errors=[{instancePath:i+"/monitors/logHeight",schemaPath:"#/\
properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var j=l===e}else var j=!0;if(j){
if(u.pictureHistogram!==void 0){const l=e;if(typeof u.pictureHistogram!="boolean")return T.errors=[{instancePath:i+"/mon\
itors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var j=l===e}else var j=!0;if(j){if(u.allowedShare!==void 0){let l=u.allowedShare;const f=e;if(!(l===0||l===
.001||l===.005||l===.02))return T.errors=[{instancePath:i+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pro\
perties/allowedShare/enum",keyword:"enum",params:{allowedValues:fe.properties.monitors.properties.allowedShare.enum}}],!1;
var j=f===e}else var j=!0;if(j){if(u.peaking!==void 0){let l=u.peaking;const f=e;if(!(l==="focusing"||l==="always"||l===
"off"))return T.errors=[{instancePath:i+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"\
enum",params:{allowedValues:fe.properties.monitors.properties.peaking.enum}}],!1;var j=f===e}else var j=!0;if(j){if(u.peakingStrength!==
void 0){let l=u.peakingStrength;const f=e;if(!(l==="low"||l==="medium"||l==="high"))return T.errors=[{instancePath:i+"/m\
onitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:fe.
properties.monitors.properties.peakingStrength.enum}}],!1;var j=f===e}else var j=!0;if(j)if(u.peakingColour!==void 0){let l=u.
peakingColour;const f=e;if(!(l==="violet"||l==="white"||l==="blue"))return T.errors=[{instancePath:i+"/monitors/peakingC\
olour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:fe.properties.
monitors.properties.peakingColour.enum}}],!1;var j=f===e}else var j=!0}}}}}}}}}}}}}else return T.errors=[{instancePath:i+
"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"object"}}],!1;var a=k===e}else var a=!0;
if(a){if(t.focusing!==void 0){let u=t.focusing;const k=e;if(e===k)if(u&&typeof u=="object"&&!Array.isArray(u)){let N;if(u.
unit===void 0&&(N="unit")||u.loupeZoom===void 0&&(N="loupeZoom")||u.loupeWithFocus===void 0&&(N="loupeWithFocus")||u.beforeCapture===
void 0&&(N="beforeCapture"))return T.errors=[{instancePath:i+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"\
required",params:{missingProperty:N}}],!1;{const d=e;for(const l in u)if(!(l==="unit"||l==="loupeZoom"||l==="loupeWithFo\
cus"||l==="beforeCapture")){return T.errors=[{instancePath:i+"/focusing",schemaPath:"#/properties/focusing/additionalPro\
perties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(d===e){if(u.unit!==void 0){let l=u.unit;
const f=e;if(!(l==="m"||l==="ft"))return T.errors=[{instancePath:i+"/focusing/unit",schemaPath:"#/properties/focusing/pr\
operties/unit/enum",keyword:"enum",params:{allowedValues:fe.properties.focusing.properties.unit.enum}}],!1;var P=f===e}else
var P=!0;if(P){if(u.loupeZoom!==void 0){let l=u.loupeZoom;const f=e;if(!(l===1||l===2))return T.errors=[{instancePath:i+
"/focusing/loupeZoom",schemaPath:"#/properties/focusing/properties/loupeZoom/enum",keyword:"enum",params:{allowedValues:fe.
properties.focusing.properties.loupeZoom.enum}}],!1;var P=f===e}else var P=!0;if(P){if(u.loupeWithFocus!==void 0){const l=e;
if(typeof u.loupeWithFocus!="boolean")return T.errors=[{instancePath:i+"/focusing/loupeWithFocus",schemaPath:"#/properti\
es/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"boolean"}}],!1;var P=l===e}else var P=!0;if(P)if(u.
beforeCapture!==void 0){const l=e;if(typeof u.beforeCapture!="boolean")return T.errors=[{instancePath:i+"/focusing/befor\
eCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/type",keyword:"type",params:{type:"boolean"}}],!1;var P=l===
e}else var P=!0}}}}}else return T.errors=[{instancePath:i+"/focusing",schemaPath:"#/properties/focusing/type",keyword:"t\
ype",params:{type:"object"}}],!1;var a=k===e}else var a=!0;if(a){if(t.delaySound!==void 0){const u=e;if(typeof t.delaySound!=
"boolean")return T.errors=[{instancePath:i+"/delaySound",schemaPath:"#/properties/delaySound/type",keyword:"type",params:{
type:"boolean"}}],!1;var a=u===e}else var a=!0;if(a){if(t.lightAhead!==void 0){let u=t.lightAhead;const k=e;if(!(u==="fi\
tting"||u==="always"||u==="never"))return T.errors=[{instancePath:i+"/lightAhead",schemaPath:"#/properties/lightAhead/en\
um",keyword:"enum",params:{allowedValues:fe.properties.lightAhead.enum}}],!1;var a=k===e}else var a=!0;if(a)if(t.naming!==
void 0){let u=t.naming;const k=e;if(e===k)if(u&&typeof u=="object"&&!Array.isArray(u)){let N;if(u.pattern===void 0&&(N="\
pattern")||u.count===void 0&&(N="count"))return T.errors=[{instancePath:i+"/naming",schemaPath:"#/properties/naming/requ\
ired",keyword:"required",params:{missingProperty:N}}],!1;{const d=e;for(const l in u)if(!(l==="pattern"||l==="count")){return T.
errors=[{instancePath:i+"/naming",schemaPath:"#/properties/naming/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:l}}],!1;break}if(d===e){if(u.pattern!==void 0){let l=u.pattern;const f=e;if(e===f)if(typeof l=="strin\
g"){if(oe(l)>80)return T.errors=[{instancePath:i+"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/ma\
xLength",keyword:"maxLength",params:{limit:80}}],!1}else return T.errors=[{instancePath:i+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var x=f===e}else var x=!0;if(x)if(u.
count!==void 0){let l=u.count;const f=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return T.errors=[{instancePath:i+
"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{type:"integer"}}],!1;if(e===
f&&typeof l=="number"&&isFinite(l)){if(l>1e9||isNaN(l))return T.errors=[{instancePath:i+"/naming/count",schemaPath:"#/pr\
operties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],!1;if(l<1||isNaN(l))return T.
errors=[{instancePath:i+"/naming/count",schemaPath:"#/properties/naming/properties/count/minimum",keyword:"minimum",params:{
comparison:">=",limit:1}}],!1}var x=f===e}else var x=!0}}}else return T.errors=[{instancePath:i+"/naming",schemaPath:"#/\
properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var a=k===e}else var a=!0}}}}}}}}else return T.errors=
[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return T.errors=r,e===0}const Le=U,ue={$id:"\
velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,64}$"},capturedAt:{type:"\
number",minimum:0},camera:{enum:["simulated","browser","file"]},place:{type:"string",maxLength:200},origin:{enum:["raw",
"video-frame","photo","photo-remade","average","opened","combined"]},timeS:{type:["number","null"]},iso:{type:["number",
"null"]},compClicks:{type:["number","null"]},lens:{type:["string","null"],maxLength:64},focusDioptres:{type:["number","n\
ull"]},white:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number"},tint:{type:"number"}},required:["ke\
lvin","tint"],additionalProperties:!1}]},clippedShare:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,items:{type:"\
number",minimum:0,maximum:1}}]},width:{type:"integer",minimum:0},height:{type:"integer",minimum:0},average:{oneOf:[{type:"\
null"},{type:"object",properties:{frames:{type:"integer",minimum:1},timesLess:{type:["number","null"]}},required:["frame\
s","timesLess"],additionalProperties:!1}]},roll:{type:"string",maxLength:200},stem:{type:"string",minLength:1,maxLength:160},
series:{oneOf:[{type:"null"},{type:"object",properties:{id:{type:"string",maxLength:64},kind:{enum:["single","bracket","\
burst","focus","interval","long"]},step:{type:"integer",minimum:0},count:{type:"integer",minimum:1}},required:["id","kin\
d","step","count"],additionalProperties:!1}]},files:{type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{
kind:{enum:["dng","jpeg","tiff","png","webp","avif","heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{
type:"integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},
longestHandheldS:{type:["number","null"]},focusedAt:{oneOf:[{type:"null"},{type:"object",properties:{x:{type:"number",minimum:0,
maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1}]},combined:{oneOf:[{type:"\
null"},{type:"object",properties:{sources:{type:"array",minItems:2,maxItems:5e3,items:{type:"string",maxLength:64}},way:{
enum:["merge","fuse","focus","average","median","brightest","stars","sum"]},moved:{type:"array",maxItems:5e3,items:{type:"\
object",properties:{x:{type:"number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1},frame:{type:"integer"}},
required:["x","y","frame"],additionalProperties:!1}},painted:{type:"array",maxItems:2e4,items:{type:"object",properties:{
x:{type:"number"},y:{type:"number"},radius:{type:"number",minimum:0,maximum:1},frame:{type:"integer"}},required:["x","y",
"radius","frame"],additionalProperties:!1}},finish:{oneOf:[{type:"null"},{type:"object",properties:{brightness:{type:"nu\
mber"},range:{type:"number"},detail:{type:"number"}},required:["brightness","range","detail"],additionalProperties:!1}]},
floating:{type:"boolean"}},required:["sources","way","moved","finish","floating"],additionalProperties:!1}]},words:{type:"\
object",properties:{source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200}},required:["source","summ\
ary"],additionalProperties:!1}},required:["version","id","capturedAt","camera","place","origin","timeS","iso","compClick\
s","lens","focusDioptres","white","clippedShare","width","height","average","roll","stem","series","files"],additionalProperties:!1},
Oe=new RegExp("^[a-z0-9-]{8,64}$","u");function U(t,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let I;if(t.version===void 0&&(I="version")||t.id===
void 0&&(I="id")||t.capturedAt===void 0&&(I="capturedAt")||t.camera===void 0&&(I="camera")||t.place===void 0&&(I="place")||
t.origin===void 0&&(I="origin")||t.timeS===void 0&&(I="timeS")||t.iso===void 0&&(I="iso")||t.compClicks===void 0&&(I="co\
mpClicks")||t.lens===void 0&&(I="lens")||t.focusDioptres===void 0&&(I="focusDioptres")||t.white===void 0&&(I="white")||t.
clippedShare===void 0&&(I="clippedShare")||t.width===void 0&&(I="width")||t.height===void 0&&(I="height")||t.average===void 0&&
(I="average")||t.roll===void 0&&(I="roll")||t.stem===void 0&&(I="stem")||t.series===void 0&&(I="series")||t.files===void 0&&
(I="files"))return U.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:I}}],!1;
{const Q=e;for(const n in t)if(!we.call(ue.properties,n)){return U.errors=[{instancePath:i,schemaPath:"#/additionalPrope\
rties",keyword:"additionalProperties",params:{additionalProperty:n}}],!1;break}if(Q===e){if(t.version!==void 0){const n=e;
if(t.version!==2)return U.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:2}}],!1;var a=n===e}else var a=!0;if(a){if(t.id!==void 0){let n=t.id;const _=e;if(e===_)if(typeof n=="strin\
g"){if(!Oe.test(n))return U.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return U.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=_===e}else var a=!0;if(a){if(t.capturedAt!==void 0){let n=t.capturedAt;const _=e;
if(e===_)if(typeof n=="number"&&isFinite(n)){if(n<0||isNaN(n))return U.errors=[{instancePath:i+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return U.errors=[{instancePath:i+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=_===e}else var a=!0;
if(a){if(t.camera!==void 0){let n=t.camera;const _=e;if(!(n==="simulated"||n==="browser"||n==="file"))return U.errors=[{
instancePath:i+"/camera",schemaPath:"#/properties/camera/enum",keyword:"enum",params:{allowedValues:ue.properties.camera.
enum}}],!1;var a=_===e}else var a=!0;if(a){if(t.place!==void 0){let n=t.place;const _=e;if(e===_)if(typeof n=="string"){
if(oe(n)>200)return U.errors=[{instancePath:i+"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return U.errors=[{instancePath:i+"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{
type:"string"}}],!1;var a=_===e}else var a=!0;if(a){if(t.origin!==void 0){let n=t.origin;const _=e;if(!(n==="raw"||n==="\
video-frame"||n==="photo"||n==="photo-remade"||n==="average"||n==="opened"||n==="combined"))return U.errors=[{instancePath:i+
"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues:ue.properties.origin.enum}}],!1;var a=_===
e}else var a=!0;if(a){if(t.timeS!==void 0){let n=t.timeS;const _=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return U.
errors=[{instancePath:i+"/timeS",schemaPath:"#/properties/timeS/type",keyword:"type",params:{type:ue.properties.timeS.type}}],
!1;var a=_===e}else var a=!0;if(a){if(t.iso!==void 0){let n=t.iso;const _=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)
return U.errors=[{instancePath:i+"/iso",schemaPath:"#/properties/iso/type",keyword:"type",params:{type:ue.properties.iso.
type}}],!1;var a=_===e}else var a=!0;if(a){if(t.compClicks!==void 0){let n=t.compClicks;const _=e;if(!(typeof n=="number"&&
isFinite(n))&&n!==null)return U.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"\
type",params:{type:ue.properties.compClicks.type}}],!1;var a=_===e}else var a=!0;if(a){if(t.lens!==void 0){let n=t.lens;
const _=e;if(typeof n!="string"&&n!==null)return U.errors=[{instancePath:i+"/lens",schemaPath:"#/properties/lens/type",keyword:"\
type",params:{type:ue.properties.lens.type}}],!1;if(e===_&&typeof n=="string"&&oe(n)>64)return U.errors=[{instancePath:i+
"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",params:{limit:64}}],!1;var a=_===e}else var a=!0;if(a){
if(t.focusDioptres!==void 0){let n=t.focusDioptres;const _=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return U.errors=
[{instancePath:i+"/focusDioptres",schemaPath:"#/properties/focusDioptres/type",keyword:"type",params:{type:ue.properties.
focusDioptres.type}}],!1;var a=_===e}else var a=!0;if(a){if(t.white!==void 0){let n=t.white;const _=e,s=e;let g=!1,A=null;
const O=e;if(n!==null){const h={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"null"}};r===null?r=[h]:r.push(h),e++}var S=O===e;S&&(g=!0,A=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.
isArray(n)){let h;if(n.kelvin===void 0&&(h="kelvin")||n.tint===void 0&&(h="tint")){const ee={instancePath:i+"/white",schemaPath:"\
#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[ee]:r.push(ee),e++}else{
const ee=e;for(const o in n)if(!(o==="kelvin"||o==="tint")){const y={instancePath:i+"/white",schemaPath:"#/properties/wh\
ite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),
e++;break}if(ee===e){if(n.kelvin!==void 0){let o=n.kelvin;const y=e;if(!(typeof o=="number"&&isFinite(o))){const p={instancePath:i+
"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===
null?r=[p]:r.push(p),e++}var j=y===e}else var j=!0;if(j)if(n.tint!==void 0){let o=n.tint;const y=e;if(!(typeof o=="numbe\
r"&&isFinite(o))){const m={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"\
type",params:{type:"number"}};r===null?r=[m]:r.push(m),e++}var j=y===e}else var j=!0}}}else{const h={instancePath:i+"/wh\
ite",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var S=C===
e;if(S&&g?(g=!1,A=[A,1]):S&&(g=!0,A=1),g)e=s,r!==null&&(s?r.length=s:r=null);else{const h={instancePath:i+"/white",schemaPath:"\
#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:A}};return r===null?r=[h]:r.push(h),e++,U.errors=r,!1}var a=_===
e}else var a=!0;if(a){if(t.clippedShare!==void 0){let n=t.clippedShare;const _=e,s=e;let g=!1,A=null;const O=e;if(n!==null){
const h={instancePath:i+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"\
null"}};r===null?r=[h]:r.push(h),e++}var R=O===e;R&&(g=!0,A=0);const C=e;if(e===C)if(Array.isArray(n))if(n.length>3){const h={
instancePath:i+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};
r===null?r=[h]:r.push(h),e++}else if(n.length<3){const h={instancePath:i+"/clippedShare",schemaPath:"#/properties/clippe\
dShare/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[h]:r.push(h),e++}else{var F=!0;const h=n.length;
for(let ee=0;ee<h;ee++){let o=n[ee];const y=e;if(e===y)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const m={instancePath:i+
"/clippedShare/"+ee,schemaPath:"#/properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:1}};r===null?r=[m]:r.push(m),e++}else if(o<0||isNaN(o)){const m={instancePath:i+"/clippedShare/"+ee,schemaPath:"\
#/properties/clippedShare/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[m]:r.push(
m),e++}}else{const m={instancePath:i+"/clippedShare/"+ee,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"\
type",params:{type:"number"}};r===null?r=[m]:r.push(m),e++}var F=y===e;if(!F)break}}else{const h={instancePath:i+"/clipp\
edShare",schemaPath:"#/properties/clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[h]:r.push(
h),e++}var R=C===e;if(R&&g?(g=!1,A=[A,1]):R&&(g=!0,A=1),g)e=s,r!==null&&(s?r.length=s:r=null);else{const h={instancePath:i+
"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:A}};return r===null?
r=[h]:r.push(h),e++,U.errors=r,!1}var a=_===e}else var a=!0;if(a){if(t.width!==void 0){let n=t.width;const _=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n)))return U.errors=[{instancePath:i+"/width",schemaPath:"#/properties/width/type",
keyword:"type",params:{type:"integer"}}],!1;if(e===_&&typeof n=="number"&&isFinite(n)&&(n<0||isNaN(n)))return U.errors=[
{instancePath:i+"/width",schemaPath:"#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;
var a=_===e}else var a=!0;if(a){if(t.height!==void 0){let n=t.height;const _=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&
isFinite(n)))return U.errors=[{instancePath:i+"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===_&&typeof n=="number"&&isFinite(n)&&(n<0||isNaN(n)))return U.errors=[{instancePath:i+"/height",schemaPath:"\
#/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var a=_===e}else var a=!0;if(a){if(t.
average!==void 0){let n=t.average;const _=e,s=e;let g=!1,A=null;const O=e;if(n!==null){const h={instancePath:i+"/average",
schemaPath:"#/properties/average/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var x=O===
e;x&&(g=!0,A=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.isArray(n)){let h;if(n.frames===void 0&&(h="frames")||
n.timesLess===void 0&&(h="timesLess")){const ee={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/requ\
ired",keyword:"required",params:{missingProperty:h}};r===null?r=[ee]:r.push(ee),e++}else{const ee=e;for(const o in n)if(!(o===
"frames"||o==="timesLess")){const y={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}if(ee===e){if(n.frames!==
void 0){let o=n.frames;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const p={instancePath:i+"/ave\
rage/frames",schemaPath:"#/properties/average/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[p]:r.push(p),e++}if(e===y&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o))){const p={instancePath:i+"/average/f\
rames",schemaPath:"#/properties/average/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};
r===null?r=[p]:r.push(p),e++}var P=y===e}else var P=!0;if(P)if(n.timesLess!==void 0){let o=n.timesLess;const y=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null){const m={instancePath:i+"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/\
properties/timesLess/type",keyword:"type",params:{type:ue.properties.average.oneOf[1].properties.timesLess.type}};r===null?
r=[m]:r.push(m),e++}var P=y===e}else var P=!0}}}else{const h={instancePath:i+"/average",schemaPath:"#/properties/average\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var x=C===e;if(x&&g?(g=!1,A=[A,1]):x&&
(g=!0,A=1),g)e=s,r!==null&&(s?r.length=s:r=null);else{const h={instancePath:i+"/average",schemaPath:"#/properties/averag\
e/oneOf",keyword:"oneOf",params:{passingSchemas:A}};return r===null?r=[h]:r.push(h),e++,U.errors=r,!1}var a=_===e}else var a=!0;
if(a){if(t.roll!==void 0){let n=t.roll;const _=e;if(e===_)if(typeof n=="string"){if(oe(n)>200)return U.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return U.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var a=_===e}else var a=!0;if(a){if(t.
stem!==void 0){let n=t.stem;const _=e;if(e===_)if(typeof n=="string"){if(oe(n)>160)return U.errors=[{instancePath:i+"/st\
em",schemaPath:"#/properties/stem/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(oe(n)<1)return U.errors=[{instancePath:i+
"/stem",schemaPath:"#/properties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return U.errors=[{instancePath:i+
"/stem",schemaPath:"#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var a=_===e}else var a=!0;if(a){if(t.
series!==void 0){let n=t.series;const _=e,s=e;let g=!1,A=null;const O=e;if(n!==null){const h={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var b=O===e;b&&(g=!0,
A=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.isArray(n)){let h;if(n.id===void 0&&(h="id")||n.kind===void 0&&
(h="kind")||n.step===void 0&&(h="step")||n.count===void 0&&(h="count")){const ee={instancePath:i+"/series",schemaPath:"#\
/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[ee]:r.push(ee),e++}else{
const ee=e;for(const o in n)if(!(o==="id"||o==="kind"||o==="step"||o==="count")){const y={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?
r=[y]:r.push(y),e++;break}if(ee===e){if(n.id!==void 0){let o=n.id;const y=e;if(e===y)if(typeof o=="string"){if(oe(o)>64){
const p={instancePath:i+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[p]:r.push(p),e++}}else{const p={instancePath:i+"/series/id",schemaPath:"#/properties/seri\
es/oneOf/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[p]:r.push(p),e++}var G=y===e}else var G=!0;
if(G){if(n.kind!==void 0){let o=n.kind;const y=e;if(!(o==="single"||o==="bracket"||o==="burst"||o==="focus"||o==="interv\
al"||o==="long")){const m={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ue.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[m]:r.push(m),e++}var G=y===
e}else var G=!0;if(G){if(n.step!==void 0){let o=n.step;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){
const m={instancePath:i+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{
type:"integer"}};r===null?r=[m]:r.push(m),e++}if(e===y&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o))){const m={instancePath:i+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[m]:r.push(m),e++}var G=y===e}else var G=!0;if(G)if(n.count!==void 0){let o=n.count;const y=e;if(!(typeof o==
"number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const m={instancePath:i+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[m]:r.push(m),e++}if(e===y&&typeof o=="numb\
er"&&isFinite(o)&&(o<1||isNaN(o))){const m={instancePath:i+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[m]:r.push(m),e++}var G=y===e}else var G=!0}}}}}else{
const h={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[h]:r.push(h),e++}var b=C===e;if(b&&g?(g=!1,A=[A,1]):b&&(g=!0,A=1),g)e=s,r!==null&&(s?r.length=s:r=null);else{const h={
instancePath:i+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:A}};return r===null?
r=[h]:r.push(h),e++,U.errors=r,!1}var a=_===e}else var a=!0;if(a){if(t.files!==void 0){let n=t.files;const _=e;if(e===_)
if(Array.isArray(n)){if(n.length>8)return U.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/maxItems",keyword:"\
maxItems",params:{limit:8}}],!1;if(n.length<1)return U.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var u=!0;const g=n.length;for(let A=0;A<g;A++){let O=n[A];const C=e;if(e===
C)if(O&&typeof O=="object"&&!Array.isArray(O)){let h;if(O.kind===void 0&&(h="kind")||O.name===void 0&&(h="name")||O.bytes===
void 0&&(h="bytes")||O.chunks===void 0&&(h="chunks"))return U.errors=[{instancePath:i+"/files/"+A,schemaPath:"#/properti\
es/files/items/required",keyword:"required",params:{missingProperty:h}}],!1;{const ee=e;for(const o in O)if(!(o==="kind"||
o==="name"||o==="bytes"||o==="chunks")){return U.errors=[{instancePath:i+"/files/"+A,schemaPath:"#/properties/files/item\
s/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(ee===e){if(O.kind!==void 0){
let o=O.kind;const y=e;if(!(o==="dng"||o==="jpeg"||o==="tiff"||o==="png"||o==="webp"||o==="avif"||o==="heic"||o==="raw"))
return U.errors=[{instancePath:i+"/files/"+A+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ue.properties.files.items.properties.kind.enum}}],!1;var k=y===e}else var k=!0;if(k){if(O.name!==
void 0){let o=O.name;const y=e;if(e===y)if(typeof o=="string"){if(oe(o)>160)return U.errors=[{instancePath:i+"/files/"+A+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(oe(
o)<1)return U.errors=[{instancePath:i+"/files/"+A+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return U.errors=[{instancePath:i+"/files/"+A+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var k=y===e}else var k=!0;if(k){if(O.bytes!==
void 0){let o=O.bytes;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return U.errors=[{instancePath:i+
"/files/"+A+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===y&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o)))return U.errors=[{instancePath:i+"/files/"+A+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var k=y===e}else
var k=!0;if(k)if(O.chunks!==void 0){let o=O.chunks;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return U.
errors=[{instancePath:i+"/files/"+A+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===y&&typeof o=="number"&&isFinite(o)){if(o>4096||isNaN(o))return U.errors=[{instancePath:i+
"/files/"+A+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(o<1||isNaN(o))return U.errors=[{instancePath:i+"/files/"+A+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var k=y===e}else var k=!0}}}}}else
return U.errors=[{instancePath:i+"/files/"+A,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var u=C===e;if(!u)break}}}else return U.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var a=_===e}else var a=!0;if(a){if(t.longestHandheldS!==void 0){let n=t.longestHandheldS;
const _=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return U.errors=[{instancePath:i+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:ue.properties.longestHandheldS.type}}],!1;var a=_===e}else
var a=!0;if(a){if(t.focusedAt!==void 0){let n=t.focusedAt;const _=e,s=e;let g=!1,A=null;const O=e;if(n!==null){const h={
instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[h]:r.push(h),e++}var N=O===e;N&&(g=!0,A=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.isArray(n)){let h;if(n.
x===void 0&&(h="x")||n.y===void 0&&(h="y")){const ee={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/one\
Of/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[ee]:r.push(ee),e++}else{const ee=e;for(const o in n)
if(!(o==="x"||o==="y")){const y={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}if(ee===e){if(n.x!==
void 0){let o=n.x;const y=e;if(e===y)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const p={instancePath:i+"/foc\
usedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[p]:r.push(p),e++}else if(o<0||isNaN(o)){const p={instancePath:i+"/focusedAt/x",schemaPath:"#/properties/focu\
sedAt/oneOf/1/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[p]:r.push(p),e++}}else{
const p={instancePath:i+"/focusedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/type",keyword:"type",params:{
type:"number"}};r===null?r=[p]:r.push(p),e++}var W=y===e}else var W=!0;if(W)if(n.y!==void 0){let o=n.y;const y=e;if(e===
y)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const m={instancePath:i+"/focusedAt/y",schemaPath:"#/properties/\
focusedAt/oneOf/1/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[m]:r.push(m),e++}else if(o<
0||isNaN(o)){const m={instancePath:i+"/focusedAt/y",schemaPath:"#/properties/focusedAt/oneOf/1/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[m]:r.push(m),e++}}else{const m={instancePath:i+"/focusedAt/y",schemaPath:"\
#/properties/focusedAt/oneOf/1/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[m]:r.push(m),e++}var W=y===
e}else var W=!0}}}else{const h={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/type",keyword:"ty\
pe",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var N=C===e;if(N&&g?(g=!1,A=[A,1]):N&&(g=!0,A=1),g)e=s,r!==null&&
(s?r.length=s:r=null);else{const h={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf",keyword:"oneOf",
params:{passingSchemas:A}};return r===null?r=[h]:r.push(h),e++,U.errors=r,!1}var a=_===e}else var a=!0;if(a){if(t.combined!==
void 0){let n=t.combined;const _=e,s=e;let g=!1,A=null;const O=e;if(n!==null){const h={instancePath:i+"/combined",schemaPath:"\
#/properties/combined/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var te=O===e;te&&(g=
!0,A=0);const C=e;if(e===C)if(n&&typeof n=="object"&&!Array.isArray(n)){let h;if(n.sources===void 0&&(h="sources")||n.way===
void 0&&(h="way")||n.moved===void 0&&(h="moved")||n.finish===void 0&&(h="finish")||n.floating===void 0&&(h="floating")){
const ee={instancePath:i+"/combined",schemaPath:"#/properties/combined/oneOf/1/required",keyword:"required",params:{missingProperty:h}};
r===null?r=[ee]:r.push(ee),e++}else{const ee=e;for(const o in n)if(!(o==="sources"||o==="way"||o==="moved"||o==="painted"||
o==="finish"||o==="floating")){const y={instancePath:i+"/combined",schemaPath:"#/properties/combined/oneOf/1/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}if(ee===e){if(n.
sources!==void 0){let o=n.sources;const y=e;if(e===y)if(Array.isArray(o))if(o.length>5e3){const p={instancePath:i+"/comb\
ined/sources",schemaPath:"#/properties/combined/oneOf/1/properties/sources/maxItems",keyword:"maxItems",params:{limit:5e3}};
r===null?r=[p]:r.push(p),e++}else if(o.length<2){const p={instancePath:i+"/combined/sources",schemaPath:"#/properties/co\
mbined/oneOf/1/properties/sources/minItems",keyword:"minItems",params:{limit:2}};r===null?r=[p]:r.push(p),e++}else{var d=!0;
const p=o.length;for(let m=0;m<p;m++){let L=o[m];const c=e;if(e===c)if(typeof L=="string"){if(oe(L)>64){const Z={instancePath:i+
"/combined/sources/"+m,schemaPath:"#/properties/combined/oneOf/1/properties/sources/items/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[Z]:r.push(Z),e++}}else{const Z={instancePath:i+"/combined/sources/"+m,schemaPath:"#/prope\
rties/combined/oneOf/1/properties/sources/items/type",keyword:"type",params:{type:"string"}};r===null?r=[Z]:r.push(Z),e++}
var d=c===e;if(!d)break}}else{const p={instancePath:i+"/combined/sources",schemaPath:"#/properties/combined/oneOf/1/prop\
erties/sources/type",keyword:"type",params:{type:"array"}};r===null?r=[p]:r.push(p),e++}var l=y===e}else var l=!0;if(l){
if(n.way!==void 0){let o=n.way;const y=e;if(!(o==="merge"||o==="fuse"||o==="focus"||o==="average"||o==="median"||o==="br\
ightest"||o==="stars"||o==="sum")){const m={instancePath:i+"/combined/way",schemaPath:"#/properties/combined/oneOf/1/pro\
perties/way/enum",keyword:"enum",params:{allowedValues:ue.properties.combined.oneOf[1].properties.way.enum}};r===null?r=
[m]:r.push(m),e++}var l=y===e}else var l=!0;if(l){if(n.moved!==void 0){let o=n.moved;const y=e;if(e===y)if(Array.isArray(
o))if(o.length>5e3){const m={instancePath:i+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/maxItems",keyword:"maxItems",params:{limit:5e3}};r===null?r=[m]:r.push(m),e++}else{var f=!0;const m=o.length;for(let L=0;L<
m;L++){let c=o[L];const D=e;if(e===D)if(c&&typeof c=="object"&&!Array.isArray(c)){let w;if(c.x===void 0&&(w="x")||c.y===
void 0&&(w="y")||c.frame===void 0&&(w="frame")){const z={instancePath:i+"/combined/moved/"+L,schemaPath:"#/properties/co\
mbined/oneOf/1/properties/moved/items/required",keyword:"required",params:{missingProperty:w}};r===null?r=[z]:r.push(z),
e++}else{const z=e;for(const v in c)if(!(v==="x"||v==="y"||v==="frame")){const q={instancePath:i+"/combined/moved/"+L,schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:v}};
r===null?r=[q]:r.push(q),e++;break}if(z===e){if(c.x!==void 0){let v=c.x;const q=e;if(e===q)if(typeof v=="number"&&isFinite(
v)){if(v>1||isNaN(v)){const X={instancePath:i+"/combined/moved/"+L+"/x",schemaPath:"#/properties/combined/oneOf/1/proper\
ties/moved/items/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[X]:r.push(X),e++}else if(v<
0||isNaN(v)){const X={instancePath:i+"/combined/moved/"+L+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/move\
d/items/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[X]:r.push(X),e++}}else{const X={
instancePath:i+"/combined/moved/"+L+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/x/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[X]:r.push(X),e++}var H=q===e}else var H=!0;if(H){if(c.y!==void 0){
let v=c.y;const q=e;if(e===q)if(typeof v=="number"&&isFinite(v)){if(v>1||isNaN(v)){const M={instancePath:i+"/combined/mo\
ved/"+L+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/maximum",keyword:"maximum",params:{
comparison:"<=",limit:1}};r===null?r=[M]:r.push(M),e++}else if(v<0||isNaN(v)){const M={instancePath:i+"/combined/moved/"+
L+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[M]:r.push(M),e++}}else{const M={instancePath:i+"/combined/moved/"+L+"/y",schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/properties/y/type",keyword:"type",params:{type:"number"}};r===null?
r=[M]:r.push(M),e++}var H=q===e}else var H=!0;if(H)if(c.frame!==void 0){let v=c.frame;const q=e;if(!(typeof v=="number"&&
!(v%1)&&!isNaN(v)&&isFinite(v))){const M={instancePath:i+"/combined/moved/"+L+"/frame",schemaPath:"#/properties/combined\
/oneOf/1/properties/moved/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[M]:r.push(M),
e++}var H=q===e}else var H=!0}}}}else{const w={instancePath:i+"/combined/moved/"+L,schemaPath:"#/properties/combined/one\
Of/1/properties/moved/items/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var f=D===e;if(!f)
break}}else{const m={instancePath:i+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved/type",keyword:"\
type",params:{type:"array"}};r===null?r=[m]:r.push(m),e++}var l=y===e}else var l=!0;if(l){if(n.painted!==void 0){let o=n.
painted;const y=e;if(e===y)if(Array.isArray(o))if(o.length>2e4){const m={instancePath:i+"/combined/painted",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/maxItems",keyword:"maxItems",params:{limit:2e4}};r===null?r=[m]:r.push(
m),e++}else{var V=!0;const m=o.length;for(let L=0;L<m;L++){let c=o[L];const D=e;if(e===D)if(c&&typeof c=="object"&&!Array.
isArray(c)){let w;if(c.x===void 0&&(w="x")||c.y===void 0&&(w="y")||c.radius===void 0&&(w="radius")||c.frame===void 0&&(w=
"frame")){const z={instancePath:i+"/combined/painted/"+L,schemaPath:"#/properties/combined/oneOf/1/properties/painted/it\
ems/required",keyword:"required",params:{missingProperty:w}};r===null?r=[z]:r.push(z),e++}else{const z=e;for(const v in c)
if(!(v==="x"||v==="y"||v==="radius"||v==="frame")){const q={instancePath:i+"/combined/painted/"+L,schemaPath:"#/properti\
es/combined/oneOf/1/properties/painted/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:v}};
r===null?r=[q]:r.push(q),e++;break}if(z===e){if(c.x!==void 0){let v=c.x;const q=e;if(!(typeof v=="number"&&isFinite(v))){
const X={instancePath:i+"/combined/painted/"+L+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/p\
roperties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[X]:r.push(X),e++}var $=q===e}else var $=!0;if($){if(c.
y!==void 0){let v=c.y;const q=e;if(!(typeof v=="number"&&isFinite(v))){const M={instancePath:i+"/combined/painted/"+L+"/\
y",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/y/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[M]:r.push(M),e++}var $=q===e}else var $=!0;if($){if(c.radius!==void 0){let v=c.radius;const q=e;if(e===
q)if(typeof v=="number"&&isFinite(v)){if(v>1||isNaN(v)){const M={instancePath:i+"/combined/painted/"+L+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[M]:r.push(M),e++}else if(v<0||isNaN(v)){const M={instancePath:i+"/combined/painted/"+L+"/radiu\
s",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/radius/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[M]:r.push(M),e++}}else{const M={instancePath:i+"/combined/painted/"+L+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/type",keyword:"type",params:{type:"number"}};r===
null?r=[M]:r.push(M),e++}var $=q===e}else var $=!0;if($)if(c.frame!==void 0){let v=c.frame;const q=e;if(!(typeof v=="num\
ber"&&!(v%1)&&!isNaN(v)&&isFinite(v))){const M={instancePath:i+"/combined/painted/"+L+"/frame",schemaPath:"#/properties/\
combined/oneOf/1/properties/painted/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[M]:
r.push(M),e++}var $=q===e}else var $=!0}}}}}else{const w={instancePath:i+"/combined/painted/"+L,schemaPath:"#/properties\
/combined/oneOf/1/properties/painted/items/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var V=D===
e;if(!V)break}}else{const m={instancePath:i+"/combined/painted",schemaPath:"#/properties/combined/oneOf/1/properties/pai\
nted/type",keyword:"type",params:{type:"array"}};r===null?r=[m]:r.push(m),e++}var l=y===e}else var l=!0;if(l){if(n.finish!==
void 0){let o=n.finish;const y=e,p=e;let m=!1,L=null;const c=e;if(o!==null){const w={instancePath:i+"/combined/finish",schemaPath:"\
#/properties/combined/oneOf/1/properties/finish/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[w]:r.push(
w),e++}var K=c===e;K&&(m=!0,L=0);const D=e;if(e===D)if(o&&typeof o=="object"&&!Array.isArray(o)){let w;if(o.brightness===
void 0&&(w="brightness")||o.range===void 0&&(w="range")||o.detail===void 0&&(w="detail")){const z={instancePath:i+"/comb\
ined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/required",keyword:"required",params:{missingProperty:w}};
r===null?r=[z]:r.push(z),e++}else{const z=e;for(const v in o)if(!(v==="brightness"||v==="range"||v==="detail")){const q={
instancePath:i+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:v}};r===null?r=[q]:r.push(q),e++;break}if(z===e){if(o.brightness!==
void 0){let v=o.brightness;const q=e;if(!(typeof v=="number"&&isFinite(v))){const X={instancePath:i+"/combined/finish/br\
ightness",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/brightness/type",keyword:"type",
params:{type:"number"}};r===null?r=[X]:r.push(X),e++}var J=q===e}else var J=!0;if(J){if(o.range!==void 0){let v=o.range;
const q=e;if(!(typeof v=="number"&&isFinite(v))){const M={instancePath:i+"/combined/finish/range",schemaPath:"#/properti\
es/combined/oneOf/1/properties/finish/oneOf/1/properties/range/type",keyword:"type",params:{type:"number"}};r===null?r=[
M]:r.push(M),e++}var J=q===e}else var J=!0;if(J)if(o.detail!==void 0){let v=o.detail;const q=e;if(!(typeof v=="number"&&
isFinite(v))){const M={instancePath:i+"/combined/finish/detail",schemaPath:"#/properties/combined/oneOf/1/properties/fin\
ish/oneOf/1/properties/detail/type",keyword:"type",params:{type:"number"}};r===null?r=[M]:r.push(M),e++}var J=q===e}else
var J=!0}}}}else{const w={instancePath:i+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var K=D===e;if(K&&m?(m=!1,L=[L,1]):K&&
(m=!0,L=1),m)e=p,r!==null&&(p?r.length=p:r=null);else{const w={instancePath:i+"/combined/finish",schemaPath:"#/propertie\
s/combined/oneOf/1/properties/finish/oneOf",keyword:"oneOf",params:{passingSchemas:L}};r===null?r=[w]:r.push(w),e++}var l=y===
e}else var l=!0;if(l)if(n.floating!==void 0){const o=e;if(typeof n.floating!="boolean"){const p={instancePath:i+"/combin\
ed/floating",schemaPath:"#/properties/combined/oneOf/1/properties/floating/type",keyword:"type",params:{type:"boolean"}};
r===null?r=[p]:r.push(p),e++}var l=o===e}else var l=!0}}}}}}}else{const h={instancePath:i+"/combined",schemaPath:"#/prop\
erties/combined/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var te=C===e;if(te&&g?
(g=!1,A=[A,1]):te&&(g=!0,A=1),g)e=s,r!==null&&(s?r.length=s:r=null);else{const h={instancePath:i+"/combined",schemaPath:"\
#/properties/combined/oneOf",keyword:"oneOf",params:{passingSchemas:A}};return r===null?r=[h]:r.push(h),e++,U.errors=r,!1}
var a=_===e}else var a=!0;if(a)if(t.words!==void 0){let n=t.words;const _=e;if(e===_)if(n&&typeof n=="object"&&!Array.isArray(
n)){let g;if(n.source===void 0&&(g="source")||n.summary===void 0&&(g="summary"))return U.errors=[{instancePath:i+"/words",
schemaPath:"#/properties/words/required",keyword:"required",params:{missingProperty:g}}],!1;{const A=e;for(const O in n)
if(!(O==="source"||O==="summary")){return U.errors=[{instancePath:i+"/words",schemaPath:"#/properties/words/additionalPr\
operties",keyword:"additionalProperties",params:{additionalProperty:O}}],!1;break}if(A===e){if(n.source!==void 0){let O=n.
source;const C=e;if(e===C)if(typeof O=="string"){if(oe(O)>200)return U.errors=[{instancePath:i+"/words/source",schemaPath:"\
#/properties/words/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return U.errors=[{instancePath:i+
"/words/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var Y=C===
e}else var Y=!0;if(Y)if(n.summary!==void 0){let O=n.summary;const C=e;if(e===C)if(typeof O=="string"){if(oe(O)>200)return U.
errors=[{instancePath:i+"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",
params:{limit:200}}],!1}else return U.errors=[{instancePath:i+"/words/summary",schemaPath:"#/properties/words/properties\
/summary/type",keyword:"type",params:{type:"string"}}],!1;var Y=C===e}else var Y=!0}}}else return U.errors=[{instancePath:i+
"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var a=_===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}}else
return U.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return U.errors=r,e===0}
const Ve=ie,Ae={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,\
64}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{
type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif",
"heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,
maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^da\
ta:image/jpeg;base64,"}},required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},
Se=new RegExp("^data:image/jpeg;base64,","u");function ie(t,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let F;if(t.version===void 0&&(F="version")||t.id===
void 0&&(F="id")||t.capturedAt===void 0&&(F="capturedAt")||t.source===void 0&&(F="source")||t.summary===void 0&&(F="summ\
ary")||t.files===void 0&&(F="files")||t.thumbnail===void 0&&(F="thumbnail"))return ie.errors=[{instancePath:i,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:F}}],!1;{const R=e;for(const P in t)if(!(P==="version"||P==="id"||
P==="capturedAt"||P==="source"||P==="summary"||P==="files"||P==="thumbnail")){return ie.errors=[{instancePath:i,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:P}}],!1;break}if(R===e){if(t.version!==
void 0){const P=e;if(t.version!==1)return ie.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",
keyword:"const",params:{allowedValue:1}}],!1;var a=P===e}else var a=!0;if(a){if(t.id!==void 0){let P=t.id;const x=e;if(e===
x)if(typeof P=="string"){if(!Oe.test(P))return ie.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/pattern",keyword:"\
pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return ie.errors=[{instancePath:i+"/id",schemaPath:"#/properties\
/id/type",keyword:"type",params:{type:"string"}}],!1;var a=x===e}else var a=!0;if(a){if(t.capturedAt!==void 0){let P=t.capturedAt;
const x=e;if(e===x)if(typeof P=="number"&&isFinite(P)){if(P<0||isNaN(P))return ie.errors=[{instancePath:i+"/capturedAt",
schemaPath:"#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return ie.errors=
[{instancePath:i+"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=x===
e}else var a=!0;if(a){if(t.source!==void 0){let P=t.source;const x=e;if(e===x)if(typeof P=="string"){if(oe(P)>200)return ie.
errors=[{instancePath:i+"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return ie.errors=[{instancePath:i+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],
!1;var a=x===e}else var a=!0;if(a){if(t.summary!==void 0){let P=t.summary;const x=e;if(e===x)if(typeof P=="string"){if(oe(
P)>200)return ie.errors=[{instancePath:i+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return ie.errors=[{instancePath:i+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",
params:{type:"string"}}],!1;var a=x===e}else var a=!0;if(a){if(t.files!==void 0){let P=t.files;const x=e;if(e===x)if(Array.
isArray(P)){if(P.length>8)return ie.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/maxItems",keyword:"m\
axItems",params:{limit:8}}],!1;if(P.length<1)return ie.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var j=!0;const b=P.length;for(let u=0;u<b;u++){let k=P[u];const W=e;if(e===
W)if(k&&typeof k=="object"&&!Array.isArray(k)){let d;if(k.kind===void 0&&(d="kind")||k.name===void 0&&(d="name")||k.bytes===
void 0&&(d="bytes")||k.chunks===void 0&&(d="chunks"))return ie.errors=[{instancePath:i+"/files/"+u,schemaPath:"#/propert\
ies/files/items/required",keyword:"required",params:{missingProperty:d}}],!1;{const l=e;for(const f in k)if(!(f==="kind"||
f==="name"||f==="bytes"||f==="chunks")){return ie.errors=[{instancePath:i+"/files/"+u,schemaPath:"#/properties/files/ite\
ms/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:f}}],!1;break}if(l===e){if(k.kind!==void 0){
let f=k.kind;const H=e;if(!(f==="dng"||f==="jpeg"||f==="tiff"||f==="png"||f==="webp"||f==="avif"||f==="heic"||f==="raw"))
return ie.errors=[{instancePath:i+"/files/"+u+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:Ae.properties.files.items.properties.kind.enum}}],!1;var S=H===e}else var S=!0;if(S){if(k.name!==
void 0){let f=k.name;const H=e;if(e===H)if(typeof f=="string"){if(oe(f)>160)return ie.errors=[{instancePath:i+"/files/"+
u+"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(oe(
f)<1)return ie.errors=[{instancePath:i+"/files/"+u+"/name",schemaPath:"#/properties/files/items/properties/name/minLengt\
h",keyword:"minLength",params:{limit:1}}],!1}else return ie.errors=[{instancePath:i+"/files/"+u+"/name",schemaPath:"#/pr\
operties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var S=H===e}else var S=!0;if(S){if(k.
bytes!==void 0){let f=k.bytes;const H=e;if(!(typeof f=="number"&&!(f%1)&&!isNaN(f)&&isFinite(f)))return ie.errors=[{instancePath:i+
"/files/"+u+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===H&&typeof f=="number"&&isFinite(f)&&(f<1||isNaN(f)))return ie.errors=[{instancePath:i+"/files/"+u+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var S=H===e}else
var S=!0;if(S)if(k.chunks!==void 0){let f=k.chunks;const H=e;if(!(typeof f=="number"&&!(f%1)&&!isNaN(f)&&isFinite(f)))return ie.
errors=[{instancePath:i+"/files/"+u+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===H&&typeof f=="number"&&isFinite(f)){if(f>4096||isNaN(f))return ie.errors=[{instancePath:i+
"/files/"+u+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(f<1||isNaN(f))return ie.errors=[{instancePath:i+"/files/"+u+"/chunks",schemaPath:"#/properties/f\
iles/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var S=H===e}else var S=!0}}}}}else
return ie.errors=[{instancePath:i+"/files/"+u,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"ob\
ject"}}],!1;var j=W===e;if(!j)break}}}else return ie.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/typ\
e",keyword:"type",params:{type:"array"}}],!1;var a=x===e}else var a=!0;if(a)if(t.thumbnail!==void 0){let P=t.thumbnail;const x=e;
if(e===x)if(typeof P=="string"){if(!Se.test(P))return ie.errors=[{instancePath:i+"/thumbnail",schemaPath:"#/properties/t\
humbnail/pattern",keyword:"pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return ie.errors=[{instancePath:i+
"/thumbnail",schemaPath:"#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var a=x===e}else var a=!0}}}}}}}}else
return ie.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ie.errors=r,e===
0}const De=le,xe={$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},
{type:"array",minItems:3,maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},
measuredAt:{type:["number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,
maximum:30}},required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function le(t,{
instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let R;if(t.version===void 0&&(R="version")||t.response===void 0&&(R="response")||t.measuredAt===void 0&&
(R="measuredAt")||t.greyStops===void 0&&(R="greyStops")||t.evOffset===void 0&&(R="evOffset"))return le.errors=[{instancePath:i,
schemaPath:"#/required",keyword:"required",params:{missingProperty:R}}],!1;{const P=e;for(const x in t)if(!(x==="version"||
x==="response"||x==="measuredAt"||x==="greyStops"||x==="evOffset")){return le.errors=[{instancePath:i,schemaPath:"#/addi\
tionalProperties",keyword:"additionalProperties",params:{additionalProperty:x}}],!1;break}if(P===e){if(t.version!==void 0){
const x=e;if(t.version!==1)return le.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:1}}],!1;var a=x===e}else var a=!0;if(a){if(t.response!==void 0){let x=t.response;const G=e,b=e;
let u=!1,k=null;const W=e;if(x!==null){const l={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/0/typ\
e",keyword:"type",params:{type:"null"}};r===null?r=[l]:r.push(l),e++}var F=W===e;F&&(u=!0,k=0);const N=e;if(e===N)if(Array.
isArray(x))if(x.length>3){const l={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:3}};r===null?r=[l]:r.push(l),e++}else if(x.length<3){const l={instancePath:i+"/response",schemaPath:"\
#/properties/response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[l]:r.push(l),e++}else{var j=!0;
const l=x.length;for(let f=0;f<l;f++){let H=x[f];const V=e;if(e===V)if(Array.isArray(H))if(H.length>256){const J={instancePath:i+
"/response/"+f,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?
r=[J]:r.push(J),e++}else if(H.length<256){const J={instancePath:i+"/response/"+f,schemaPath:"#/properties/response/oneOf\
/1/items/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[J]:r.push(J),e++}else{var S=!0;const J=H.length;for(let K=0;K<
J;K++){let te=H[K];const Y=e;if(e===Y)if(typeof te=="number"&&isFinite(te)){if(te>1||isNaN(te)){const Q={instancePath:i+
"/response/"+f+"/"+K,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[Q]:r.push(Q),e++}else if(te<0||isNaN(te)){const Q={instancePath:i+"/response/"+f+"/"+K,schemaPath:"\
#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[Q]:r.
push(Q),e++}}else{const Q={instancePath:i+"/response/"+f+"/"+K,schemaPath:"#/properties/response/oneOf/1/items/items/typ\
e",keyword:"type",params:{type:"number"}};r===null?r=[Q]:r.push(Q),e++}var S=Y===e;if(!S)break}}else{const J={instancePath:i+
"/response/"+f,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[J]:
r.push(J),e++}var j=V===e;if(!j)break}}else{const l={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/\
1/type",keyword:"type",params:{type:"array"}};r===null?r=[l]:r.push(l),e++}var F=N===e;if(F&&u?(u=!1,k=[k,1]):F&&(u=!0,k=
1),u)e=b,r!==null&&(b?r.length=b:r=null);else{const l={instancePath:i+"/response",schemaPath:"#/properties/response/oneO\
f",keyword:"oneOf",params:{passingSchemas:k}};return r===null?r=[l]:r.push(l),e++,le.errors=r,!1}var a=G===e}else var a=!0;
if(a){if(t.measuredAt!==void 0){let x=t.measuredAt;const G=e;if(!(typeof x=="number"&&isFinite(x))&&x!==null)return le.errors=
[{instancePath:i+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:xe.properties.measuredAt.
type}}],!1;var a=G===e}else var a=!0;if(a){if(t.greyStops!==void 0){let x=t.greyStops;const G=e;if(e===G)if(typeof x=="n\
umber"&&isFinite(x)){if(x>4||isNaN(x))return le.errors=[{instancePath:i+"/greyStops",schemaPath:"#/properties/greyStops/\
maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(x<-4||isNaN(x))return le.errors=[{instancePath:i+"/g\
reyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return le.
errors=[{instancePath:i+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;
var a=G===e}else var a=!0;if(a)if(t.evOffset!==void 0){let x=t.evOffset;const G=e;if(!(typeof x=="number"&&isFinite(x))&&
x!==null)return le.errors=[{instancePath:i+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:xe.
properties.evOffset.type}}],!1;if(e===G&&typeof x=="number"&&isFinite(x)){if(x>30||isNaN(x))return le.errors=[{instancePath:i+
"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(x<-30||
isNaN(x))return le.errors=[{instancePath:i+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{
comparison:">=",limit:-30}}],!1}var a=G===e}else var a=!0}}}}}}else return le.errors=[{instancePath:i,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return le.errors=r,e===0}const He=Pe,Ie={$id:"velmo/camera-choice/1",oneOf:[{
type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},
{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{
type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"\
integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function Pe(t,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){
let r=null,e=0;const a=e;let j=!1,S=null;const F=e;if(e===F)if(t&&typeof t=="object"&&!Array.isArray(t)){let k;if(t.device===
void 0&&(k="device")||t.scene===void 0&&(k="scene")){const W={instancePath:i,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:k}};r===null?r=[W]:r.push(W),e++}else{const W=e;for(const N in t)if(!(N==="device"||N===
"scene")){const d={instancePath:i,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:N}};
r===null?r=[d]:r.push(d),e++;break}if(W===e){if(t.device!==void 0){const N=e;if(t.device!=="simulated"){const d={instancePath:i+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
d]:r.push(d),e++}var R=N===e}else var R=!0;if(R)if(t.scene!==void 0){let N=t.scene;const d=e;if(e===d)if(typeof N=="stri\
ng"){if(oe(N)>64){const f={instancePath:i+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[f]:r.push(f),e++}}else{const f={instancePath:i+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[f]:r.push(f),e++}var R=d===e}else var R=!0}}}else{const k={
instancePath:i,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var u=F===
e;u&&(j=!0,S=0);const P=e;if(e===P)if(t&&typeof t=="object"&&!Array.isArray(t)){let k;if(t.device===void 0&&(k="device")){
const W={instancePath:i,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:k}};r===null?r=[W]:r.
push(W),e++}else{const W=e;for(const N in t)if(!(N==="device"||N==="camera"||N==="size")){const d={instancePath:i,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:N}};r===null?r=[d]:r.push(d),e++;
break}if(W===e){if(t.device!==void 0){const N=e;if(t.device!=="browser"){const d={instancePath:i+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[d]:r.push(d),e++}var x=N===
e}else var x=!0;if(x){if(t.camera!==void 0){let N=t.camera;const d=e;if(e===d)if(N&&typeof N=="object"&&!Array.isArray(N)){
let f;if(N.id===void 0&&(f="id")||N.label===void 0&&(f="label")){const H={instancePath:i+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:f}};r===null?r=[H]:r.push(H),e++}else{const H=e;
for(const V in N)if(!(V==="id"||V==="label")){const $={instancePath:i+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:V}};r===null?r=[$]:r.push($),e++;break}if(H===
e){if(N.id!==void 0){let V=N.id;const $=e;if(e===$)if(typeof V=="string"){if(oe(V)>512){const J={instancePath:i+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[J]:r.push(J),e++}}else{const J={instancePath:i+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[J]:r.push(J),e++}var G=$===e}else var G=!0;if(G)if(N.label!==void 0){
let V=N.label;const $=e;if(e===$)if(typeof V=="string"){if(oe(V)>512){const K={instancePath:i+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[K]:r.push(K),
e++}}else{const K={instancePath:i+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[K]:r.push(K),e++}var G=$===e}else var G=!0}}}else{const f={instancePath:i+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}
var x=d===e}else var x=!0;if(x)if(t.size!==void 0){let N=t.size;const d=e;if(e===d)if(N&&typeof N=="object"&&!Array.isArray(
N)){let f;if(N.width===void 0&&(f="width")||N.height===void 0&&(f="height")){const H={instancePath:i+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:f}};r===null?r=[H]:r.push(H),e++}else{const H=e;
for(const V in N)if(!(V==="width"||V==="height")){const $={instancePath:i+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:V}};r===null?r=[$]:r.push($),e++;break}if(H===
e){if(N.width!==void 0){let V=N.width;const $=e;if(!(typeof V=="number"&&!(V%1)&&!isNaN(V)&&isFinite(V))){const J={instancePath:i+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[J]:r.push(J),e++}if(e===$&&typeof V=="number"&&isFinite(V)){if(V>16384||isNaN(V)){const J={instancePath:i+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[J]:r.push(J),e++}else if(V<16||isNaN(V)){const J={instancePath:i+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[J]:r.push(J),e++}}var b=$===
e}else var b=!0;if(b)if(N.height!==void 0){let V=N.height;const $=e;if(!(typeof V=="number"&&!(V%1)&&!isNaN(V)&&isFinite(
V))){const K={instancePath:i+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[K]:r.push(K),e++}if(e===$&&typeof V=="number"&&isFinite(V)){if(V>16384||isNaN(V)){const K={
instancePath:i+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[K]:r.push(K),e++}else if(V<16||isNaN(V)){const K={instancePath:i+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[K]:r.push(K),e++}}var b=$===e}else var b=!0}}}else{const f={instancePath:i+"/size",schemaPath:"#/oneOf/1/propert\
ies/size/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var x=d===e}else var x=!0}}}}else{const k={
instancePath:i,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var u=P===
e;if(u&&j?(j=!1,S=[S,1]):u&&(j=!0,S=1),j)e=a,r!==null&&(a?r.length=a:r=null);else{const k={instancePath:i,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:S}};return r===null?r=[k]:r.push(k),e++,Pe.errors=r,!1}return Pe.errors=r,
e===0}const Ee=se,_e={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]},reframe:{type:"object",properties:{quarters:{enum:[0,1,2,3]},tilt:{type:"integer",
minimum:-450,maximum:450},crop:{type:"object",properties:{x:{type:"number",minimum:-1,maximum:2},y:{type:"number",minimum:-1,
maximum:2},width:{type:"number",minimum:.001,maximum:2},height:{type:"number",minimum:.001,maximum:2}},required:["x","y",
"width","height"],additionalProperties:!1}},required:["quarters","tilt","crop"],additionalProperties:!1}},required:["ver\
sion","roll","choice"],additionalProperties:!1};function se(t,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let F;if(t.version===void 0&&(F="version")||t.roll===
void 0&&(F="roll")||t.choice===void 0&&(F="choice"))return se.errors=[{instancePath:i,schemaPath:"#/required",keyword:"r\
equired",params:{missingProperty:F}}],!1;{const R=e;for(const P in t)if(!(P==="version"||P==="roll"||P==="choice"||P==="\
reframe")){return se.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:P}}],!1;break}if(R===e){if(t.version!==void 0){const P=e;if(t.version!==1)return se.errors=[{instancePath:i+
"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=P===e}else var a=!0;
if(a){if(t.roll!==void 0){let P=t.roll;const x=e;if(e===x)if(typeof P=="string"){if(oe(P)>200)return se.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return se.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var a=x===e}else var a=!0;if(a){if(t.
choice!==void 0){let P=t.choice;const x=e;if(!(P==="kept"||P==="dropped"||P===null))return se.errors=[{instancePath:i+"/\
choice",schemaPath:"#/properties/choice/enum",keyword:"enum",params:{allowedValues:_e.properties.choice.enum}}],!1;var a=x===
e}else var a=!0;if(a)if(t.reframe!==void 0){let P=t.reframe;const x=e;if(e===x)if(P&&typeof P=="object"&&!Array.isArray(
P)){let b;if(P.quarters===void 0&&(b="quarters")||P.tilt===void 0&&(b="tilt")||P.crop===void 0&&(b="crop"))return se.errors=
[{instancePath:i+"/reframe",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:b}}],!1;
{const u=e;for(const k in P)if(!(k==="quarters"||k==="tilt"||k==="crop")){return se.errors=[{instancePath:i+"/reframe",schemaPath:"\
#/properties/reframe/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:k}}],!1;break}if(u===
e){if(P.quarters!==void 0){let k=P.quarters;const W=e;if(!(k===0||k===1||k===2||k===3))return se.errors=[{instancePath:i+
"/reframe/quarters",schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:_e.properties.
reframe.properties.quarters.enum}}],!1;var j=W===e}else var j=!0;if(j){if(P.tilt!==void 0){let k=P.tilt;const W=e;if(!(typeof k==
"number"&&!(k%1)&&!isNaN(k)&&isFinite(k)))return se.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"#/properties/ref\
rame/properties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===W&&typeof k=="number"&&isFinite(k)){if(k>450||
isNaN(k))return se.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:450}}],!1;if(k<-450||isNaN(k))return se.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var j=W===e}else
var j=!0;if(j)if(P.crop!==void 0){let k=P.crop;const W=e;if(e===W)if(k&&typeof k=="object"&&!Array.isArray(k)){let d;if(k.
x===void 0&&(d="x")||k.y===void 0&&(d="y")||k.width===void 0&&(d="width")||k.height===void 0&&(d="height"))return se.errors=
[{instancePath:i+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:d}}],
!1;{const l=e;for(const f in k)if(!(f==="x"||f==="y"||f==="width"||f==="height")){return se.errors=[{instancePath:i+"/re\
frame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:f}}],!1;break}if(l===e){if(k.x!==void 0){let f=k.x;const H=e;if(e===H)if(typeof f=="number"&&isFinite(
f)){if(f>2||isNaN(f))return se.errors=[{instancePath:i+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/cro\
p/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(f<-1||isNaN(f))return se.errors=[{instancePath:i+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return se.errors=[{instancePath:i+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/\
crop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var S=H===e}else var S=!0;if(S){if(k.y!==void 0){let f=k.
y;const H=e;if(e===H)if(typeof f=="number"&&isFinite(f)){if(f>2||isNaN(f))return se.errors=[{instancePath:i+"/reframe/cr\
op/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(f<-1||isNaN(f))return se.errors=[{instancePath:i+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/cro\
p/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return se.errors=[{instancePath:i+
"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"numbe\
r"}}],!1;var S=H===e}else var S=!0;if(S){if(k.width!==void 0){let f=k.width;const H=e;if(e===H)if(typeof f=="number"&&isFinite(
f)){if(f>2||isNaN(f))return se.errors=[{instancePath:i+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties\
/crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(f<.001||isNaN(f))return se.errors=
[{instancePath:i+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return se.errors=[{instancePath:i+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var S=H===e}else var S=!0;
if(S)if(k.height!==void 0){let f=k.height;const H=e;if(e===H)if(typeof f=="number"&&isFinite(f)){if(f>2||isNaN(f))return se.
errors=[{instancePath:i+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(f<.001||isNaN(f))return se.errors=[{instancePath:i+"/refra\
me/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return se.errors=[{instancePath:i+"/reframe/crop/height",schemaPath:"#/properties/reframe/prop\
erties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var S=H===e}else var S=!0}}}}}else return se.
errors=[{instancePath:i+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var j=W===e}else var j=!0}}}}else return se.errors=[{instancePath:i+"/reframe",schemaPath:"#/properties/re\
frame/type",keyword:"type",params:{type:"object"}}],!1;var a=x===e}else var a=!0}}}}}else return se.errors=[{instancePath:i,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return se.errors=r,e===0}const Ue=me,$e={$id:"velmo/roll/\
1",type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function me(t,{
instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let j;if(t.version===void 0&&(j="version")||t.id===void 0&&(j="id")||t.name===void 0&&(j="name")||t.madeAt===
void 0&&(j="madeAt"))return me.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:j}}],
!1;{const S=e;for(const F in t)if(!(F==="version"||F==="id"||F==="name"||F==="madeAt")){return me.errors=[{instancePath:i,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:F}}],!1;break}if(S===e){if(t.
version!==void 0){const F=e;if(t.version!==1)return me.errors=[{instancePath:i+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var a=F===e}else var a=!0;if(a){if(t.id!==void 0){let F=t.id;const R=e;
if(e===R)if(typeof F=="string"){if(oe(F)>200)return me.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(oe(F)<1)return me.errors=[{instancePath:i+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return me.errors=[{instancePath:i+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var a=R===e}else var a=!0;if(a){if(t.name!==void 0){let F=t.
name;const R=e;if(e===R)if(typeof F=="string"){if(oe(F)>40)return me.errors=[{instancePath:i+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(oe(F)<1)return me.errors=[{instancePath:i+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return me.errors=[{instancePath:i+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var a=R===e}else var a=!0;if(a)if(t.madeAt!==void 0){
let F=t.madeAt;const R=e;if(e===R)if(typeof F=="number"&&isFinite(F)){if(F<0||isNaN(F))return me.errors=[{instancePath:i+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return me.
errors=[{instancePath:i+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var a=R===
e}else var a=!0}}}}}else return me.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return me.errors=r,e===0}const Qe=ve,Ze={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function ve(t,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t==
"object"&&!Array.isArray(t)){let j;if(t.version===void 0&&(j="version")||t.clips===void 0&&(j="clips")||t.zebra===void 0&&
(j="zebra")||t.edges===void 0&&(j="edges"))return ve.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",
params:{missingProperty:j}}],!1;{const S=e;for(const F in t)if(!(F==="version"||F==="clips"||F==="zebra"||F==="edges")){
return ve.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:F}}],
!1;break}if(S===e){if(t.version!==void 0){const F=e;if(t.version!==1)return ve.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=F===e}else var a=!0;if(a){if(t.clips!==void 0){
const F=e;if(typeof t.clips!="boolean")return ve.errors=[{instancePath:i+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var a=F===e}else var a=!0;if(a){if(t.zebra!==void 0){const F=e;if(typeof t.zebra!="bo\
olean")return ve.errors=[{instancePath:i+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var a=F===e}else var a=!0;if(a)if(t.edges!==void 0){const F=e;if(typeof t.edges!="boolean")return ve.errors=[
{instancePath:i+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var a=F===e}else
var a=!0}}}}}else return ve.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ve.
errors=r,e===0}const Me=re,ce={$id:"velmo/kit/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"\
^[a-z0-9-]{1,40}$"},name:{type:"string",minLength:1,maxLength:40,pattern:"\\S"},parts:{type:"array",items:{enum:["exposu\
re","focus","white","rig","files","series","marks"]},minItems:1,uniqueItems:!0},settings:{$ref:"../settings/8"},monitors:{
type:"object",properties:{over:{enum:["any","red","green","blue","off"]},overColour:{enum:["pink","white","black"]},under:{
type:"boolean"},zebra:{oneOf:[{type:"null"},{type:"object",properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,
maximum:9}},required:["on","clicksUnder"],additionalProperties:!1},{type:"object",properties:{on:{const:"picture"},percent:{
type:"integer",minimum:70,maximum:109}},required:["on","percent"],additionalProperties:!1}]},toneClicks:{type:["integer",
"null"],minimum:-18,maximum:9},rawHistogram:{enum:["off","small","large"]},logHeight:{type:"boolean"},pictureHistogram:{
type:"boolean"},allowedShare:{enum:[0,.001,.005,.02]},peaking:{enum:["focusing","always","off"]},peakingStrength:{enum:[
"low","medium","high"]},peakingColour:{enum:["violet","white","blue"]}},required:["over","overColour","under","zebra","t\
oneClicks","rawHistogram","logHeight","pictureHistogram","allowedShare","peaking","peakingStrength","peakingColour"],additionalProperties:!1}},
required:["version","id","name","parts","settings","monitors"],additionalProperties:!1},je=new RegExp("^[a-z0-9-]{1,40}$",
"u"),qe=new RegExp("\\S","u"),ze=require("ajv/dist/runtime/equal").default;function re(t,{instancePath:i="",parentData:ye,
parentDataProperty:he,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let x;if(t.
version===void 0&&(x="version")||t.id===void 0&&(x="id")||t.name===void 0&&(x="name")||t.parts===void 0&&(x="parts")||t.
settings===void 0&&(x="settings")||t.monitors===void 0&&(x="monitors"))return re.errors=[{instancePath:i,schemaPath:"#/r\
equired",keyword:"required",params:{missingProperty:x}}],!1;{const G=e;for(const b in t)if(!(b==="version"||b==="id"||b===
"name"||b==="parts"||b==="settings"||b==="monitors")){return re.errors=[{instancePath:i,schemaPath:"#/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:b}}],!1;break}if(G===e){if(t.version!==void 0){const b=e;if(t.
version!==1)return re.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:1}}],!1;var a=b===e}else var a=!0;if(a){if(t.id!==void 0){let b=t.id;const u=e;if(e===u)if(typeof b=="strin\
g"){if(!je.test(b))return re.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{1,40}$"}}],!1}else return re.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=u===e}else var a=!0;if(a){if(t.name!==void 0){let b=t.name;const u=e;if(e===u)if(typeof b==
"string"){if(oe(b)>40)return re.errors=[{instancePath:i+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLen\
gth",params:{limit:40}}],!1;if(oe(b)<1)return re.errors=[{instancePath:i+"/name",schemaPath:"#/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1;if(!qe.test(b))return re.errors=[{instancePath:i+"/name",schemaPath:"#/propert\
ies/name/pattern",keyword:"pattern",params:{pattern:"\\S"}}],!1}else return re.errors=[{instancePath:i+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var a=u===e}else var a=!0;if(a){if(t.parts!==void 0){
let b=t.parts;const u=e;if(e===u)if(Array.isArray(b)){if(b.length<1)return re.errors=[{instancePath:i+"/parts",schemaPath:"\
#/properties/parts/minItems",keyword:"minItems",params:{limit:1}}],!1;{var j=!0;const W=b.length;for(let N=0;N<W;N++){let d=b[N];
const l=e;if(!(d==="exposure"||d==="focus"||d==="white"||d==="rig"||d==="files"||d==="series"||d==="marks"))return re.errors=
[{instancePath:i+"/parts/"+N,schemaPath:"#/properties/parts/items/enum",keyword:"enum",params:{allowedValues:ce.properties.
parts.items.enum}}],!1;var j=l===e;if(!j)break}if(j){let N=b.length,d;if(N>1){e:for(;N--;)for(d=N;d--;)if(ze(b[N],b[d])){
return re.errors=[{instancePath:i+"/parts",schemaPath:"#/properties/parts/uniqueItems",keyword:"uniqueItems",params:{i:N,
j:d}}],!1;break e}}}}}else return re.errors=[{instancePath:i+"/parts",schemaPath:"#/properties/parts/type",keyword:"type",
params:{type:"array"}}],!1;var a=u===e}else var a=!0;if(a){if(t.settings!==void 0){const b=e;E(t.settings,{instancePath:i+
"/settings",parentData:t,parentDataProperty:"settings",rootData:de})||(r=r===null?E.errors:r.concat(E.errors),e=r.length);
var a=b===e}else var a=!0;if(a)if(t.monitors!==void 0){let b=t.monitors;const u=e;if(e===u)if(b&&typeof b=="object"&&!Array.
isArray(b)){let W;if(b.over===void 0&&(W="over")||b.overColour===void 0&&(W="overColour")||b.under===void 0&&(W="under")||
b.zebra===void 0&&(W="zebra")||b.toneClicks===void 0&&(W="toneClicks")||b.rawHistogram===void 0&&(W="rawHistogram")||b.logHeight===
void 0&&(W="logHeight")||b.pictureHistogram===void 0&&(W="pictureHistogram")||b.allowedShare===void 0&&(W="allowedShare")||
b.peaking===void 0&&(W="peaking")||b.peakingStrength===void 0&&(W="peakingStrength")||b.peakingColour===void 0&&(W="peak\
ingColour"))return re.errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/required",keyword:"required",
params:{missingProperty:W}}],!1;{const N=e;for(const d in b)if(!we.call(ce.properties.monitors.properties,d)){return re.
errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/additionalProperties",keyword:"additionalPropertie\
s",params:{additionalProperty:d}}],!1;break}if(N===e){if(b.over!==void 0){let d=b.over;const l=e;if(!(d==="any"||d==="re\
d"||d==="green"||d==="blue"||d==="off"))return re.errors=[{instancePath:i+"/monitors/over",schemaPath:"#/properties/moni\
tors/properties/over/enum",keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.over.enum}}],!1;var S=l===
e}else var S=!0;if(S){if(b.overColour!==void 0){let d=b.overColour;const l=e;if(!(d==="pink"||d==="white"||d==="black"))
return re.errors=[{instancePath:i+"/monitors/overColour",schemaPath:"#/properties/monitors/properties/overColour/enum",keyword:"\
enum",params:{allowedValues:ce.properties.monitors.properties.overColour.enum}}],!1;var S=l===e}else var S=!0;if(S){if(b.
under!==void 0){const d=e;if(typeof b.under!="boolean")return re.errors=[{instancePath:i+"/monitors/under",schemaPath:"#\
/properties/monitors/properties/under/type",keyword:"type",params:{type:"boolean"}}],!1;var S=d===e}else var S=!0;if(S){
if(b.zebra!==void 0){let d=b.zebra;const l=e,f=e;let H=!1,V=null;const $=e;if(d!==null){const te={instancePath:i+"/monit\
ors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[te]:r.push(te),e++}var R=$===e;R&&(H=!0,V=0);const J=e;if(e===J)if(d&&typeof d=="object"&&!Array.isArray(d)){let te;if(d.
on===void 0&&(te="on")||d.clicksUnder===void 0&&(te="clicksUnder")){const Y={instancePath:i+"/monitors/zebra",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:te}};r===null?r=[Y]:
r.push(Y),e++}else{const Y=e;for(const I in d)if(!(I==="on"||I==="clicksUnder")){const Q={instancePath:i+"/monitors/zebr\
a",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:I}};r===null?r=[Q]:r.push(Q),e++;break}if(Y===e){if(d.on!==void 0){const I=e;if(d.on!=="raw"){const Q={
instancePath:i+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/on/const",keyword:"\
const",params:{allowedValue:"raw"}};r===null?r=[Q]:r.push(Q),e++}var F=I===e}else var F=!0;if(F)if(d.clicksUnder!==void 0){
let I=d.clicksUnder;const Q=e;if(!(typeof I=="number"&&!(I%1)&&!isNaN(I)&&isFinite(I))){const _={instancePath:i+"/monito\
rs/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[_]:r.push(_),e++}if(e===Q&&typeof I=="number"&&isFinite(I)){if(I>9||isNaN(I)){
const _={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propert\
ies/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[_]:r.push(_),e++}else if(I<0||isNaN(
I)){const _={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/pro\
perties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[_]:r.push(_),e++}}var F=Q===
e}else var F=!0}}}else{const te={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/one\
Of/1/type",keyword:"type",params:{type:"object"}};r===null?r=[te]:r.push(te),e++}var R=J===e;if(R&&H)H=!1,V=[V,1];else{R&&
(H=!0,V=1);const te=e;if(e===te)if(d&&typeof d=="object"&&!Array.isArray(d)){let I;if(d.on===void 0&&(I="on")||d.percent===
void 0&&(I="percent")){const Q={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/required",keyword:"required",params:{missingProperty:I}};r===null?r=[Q]:r.push(Q),e++}else{const Q=e;for(const n in d)
if(!(n==="on"||n==="percent")){const _={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/ze\
bra/oneOf/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[_]:r.push(_),
e++;break}if(Q===e){if(d.on!==void 0){const n=e;if(d.on!=="picture"){const _={instancePath:i+"/monitors/zebra/on",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===
null?r=[_]:r.push(_),e++}var P=n===e}else var P=!0;if(P)if(d.percent!==void 0){let n=d.percent;const _=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const g={instancePath:i+"/monitors/zebra/percent",schemaPath:"#/properties/mo\
nitors/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?r=[g]:r.push(g),
e++}if(e===_&&typeof n=="number"&&isFinite(n)){if(n>109||isNaN(n)){const g={instancePath:i+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};
r===null?r=[g]:r.push(g),e++}else if(n<70||isNaN(n)){const g={instancePath:i+"/monitors/zebra/percent",schemaPath:"#/pro\
perties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};
r===null?r=[g]:r.push(g),e++}}var P=_===e}else var P=!0}}}else{const I={instancePath:i+"/monitors/zebra",schemaPath:"#/p\
roperties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[I]:r.push(I),e++}var R=te===
e;R&&H?(H=!1,V=[V,2]):R&&(H=!0,V=2)}if(H)e=f,r!==null&&(f?r.length=f:r=null);else{const te={instancePath:i+"/monitors/ze\
bra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:V}};return r===null?
r=[te]:r.push(te),e++,re.errors=r,!1}var S=l===e}else var S=!0;if(S){if(b.toneClicks!==void 0){let d=b.toneClicks;const l=e;
if(!(typeof d=="number"&&!(d%1)&&!isNaN(d)&&isFinite(d))&&d!==null)return re.errors=[{instancePath:i+"/monitors/toneClic\
ks",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:ce.properties.monitors.properties.
toneClicks.type}}],!1;if(e===l&&typeof d=="number"&&isFinite(d)){if(d>9||isNaN(d))return re.errors=[{instancePath:i+"/mo\
nitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(d<-18||isNaN(d))return re.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"#/properties/m\
onitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var S=l===e}else var S=!0;
if(S){if(b.rawHistogram!==void 0){let d=b.rawHistogram;const l=e;if(!(d==="off"||d==="small"||d==="large"))return re.errors=
[{instancePath:i+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:ce.properties.monitors.properties.rawHistogram.enum}}],!1;var S=l===e}else var S=!0;if(S){if(b.logHeight!==
void 0){const d=e;if(typeof b.logHeight!="boolean")return re.errors=[{instancePath:i+"/monitors/logHeight",schemaPath:"#\
/properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var S=d===e}else var S=!0;if(S){
if(b.pictureHistogram!==void 0){const d=e;if(typeof b.pictureHistogram!="boolean")return re.errors=[{instancePath:i+"/mo\
nitors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var S=d===e}else var S=!0;if(S){if(b.allowedShare!==void 0){let d=b.allowedShare;const l=e;if(!(d===0||d===
.001||d===.005||d===.02))return re.errors=[{instancePath:i+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pr\
operties/allowedShare/enum",keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.allowedShare.enum}}],
!1;var S=l===e}else var S=!0;if(S){if(b.peaking!==void 0){let d=b.peaking;const l=e;if(!(d==="focusing"||d==="always"||d===
"off"))return re.errors=[{instancePath:i+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",
keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.peaking.enum}}],!1;var S=l===e}else var S=!0;if(S){
if(b.peakingStrength!==void 0){let d=b.peakingStrength;const l=e;if(!(d==="low"||d==="medium"||d==="high"))return re.errors=
[{instancePath:i+"/monitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"\
enum",params:{allowedValues:ce.properties.monitors.properties.peakingStrength.enum}}],!1;var S=l===e}else var S=!0;if(S)
if(b.peakingColour!==void 0){let d=b.peakingColour;const l=e;if(!(d==="violet"||d==="white"||d==="blue"))return re.errors=
[{instancePath:i+"/monitors/peakingColour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enu\
m",params:{allowedValues:ce.properties.monitors.properties.peakingColour.enum}}],!1;var S=l===e}else var S=!0}}}}}}}}}}}}}else
return re.errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"objec\
t"}}],!1;var a=u===e}else var a=!0}}}}}}}else return re.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{
type:"object"}}],!1;return re.errors=r,e===0}export{He as cameraChoice,De as cameraLight,Ee as decision,Le as frameRecord,Me as kit,Qe as markChoice,Ve as olderFrameRecord,
Ce as preferences,Ue as rollRecord,Fe as settings};
