/* Made of the schemas by `npm run validators`. */
const Fe=$,le={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
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
"series","delayS"],additionalProperties:!1},we=Object.prototype.hasOwnProperty,Ae=new RegExp("^[a-z0-9-]{1,32}$","u");function $(s,{
instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=s}={}){let r=null,e=0;if(e===0)if(s&&typeof s=="object"&&
!Array.isArray(s)){let p;if(s.version===void 0&&(p="version")||s.lens===void 0&&(p="lens")||s.crop===void 0&&(p="crop")||
s.time===void 0&&(p="time")||s.iso===void 0&&(p="iso")||s.compClicks===void 0&&(p="compClicks")||s.meter===void 0&&(p="m\
eter")||s.support===void 0&&(p="support")||s.stabiliserStops===void 0&&(p="stabiliserStops")||s.filterStops===void 0&&(p=
"filterStops")||s.torch===void 0&&(p="torch")||s.flash===void 0&&(p="flash")||s.subject===void 0&&(p="subject")||s.mainsHz===
void 0&&(p="mainsHz")||s.sizeMp===void 0&&(p="sizeMp")||s.focus===void 0&&(p="focus")||s.white===void 0&&(p="white")||s.
files===void 0&&(p="files")||s.jpegQuality===void 0&&(p="jpegQuality")||s.average===void 0&&(p="average")||s.aspect===void 0&&
(p="aspect")||s.series===void 0&&(p="series")||s.delayS===void 0&&(p="delayS"))return $.errors=[{instancePath:i,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:p}}],!1;{const b=e;for(const t in s)if(!we.call(le.properties,t)){
return $.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:t}}],
!1;break}if(b===e){if(s.version!==void 0){const t=e;if(s.version!==8)return $.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var a=t===e}else var a=!0;if(a){if(s.lens!==void 0){
let t=s.lens;const v=e;if(e===v)if(typeof t=="string"){if(!Ae.test(t))return $.errors=[{instancePath:i+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return $.errors=[{instancePath:i+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var a=v===e}else var a=!0;if(a){if(s.
crop!==void 0){let t=s.crop;const v=e;if(e===v)if(typeof t=="number"&&isFinite(t)){if(t>4||isNaN(t))return $.errors=[{instancePath:i+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(t<1||isNaN(t))
return $.errors=[{instancePath:i+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return $.errors=[{instancePath:i+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var a=v===e}else var a=!0;if(a){if(s.time!==void 0){let t=s.time;const v=e,_=e;let N=!1,j=null;const K=e;if(e===
K)if(t&&typeof t=="object"&&!Array.isArray(t)){let o;if(t.mode===void 0&&(o="mode")){const y={instancePath:i+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const n in t)if(n!=="mode"){const f={instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[f]:r.push(f),e++;break}if(y===e&&t.mode!==
void 0&&t.mode!=="auto"){const n={instancePath:i+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const o={instancePath:i+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var q=K===e;q&&(N=!0,
j=0);const h=e;if(e===h)if(t&&typeof t=="object"&&!Array.isArray(t)){let o;if(t.mode===void 0&&(o="mode")||t.click===void 0&&
(o="click")){const y={instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;for(const n in t)if(!(n==="mode"||n==="click")){const f={
instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:n}};r===null?r=[f]:r.push(f),e++;break}if(y===e){if(t.mode!==void 0){const n=e;if(t.mode!=="held"){const f={
instancePath:i+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[f]:r.push(f),e++}var z=n===e}else var z=!0;if(z)if(t.click!==void 0){let n=t.click;const f=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===f&&typeof n=="number"&&
isFinite(n)){if(n>18||isNaN(n)){const u={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[u]:r.push(u),e++}else if(n<-39||isNaN(n)){
const u={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[u]:r.push(u),e++}}var z=f===e}else var z=!0}}}else{const o={instancePath:i+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var q=h===e;if(q&&N?(N=!1,j=[j,1]):q&&(N=!0,j=1),N)e=_,r!==null&&(_?r.length=_:r=null);else{const o={instancePath:i+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:j}};return r===null?r=[o]:r.push(o),e++,
$.errors=r,!1}var a=v===e}else var a=!0;if(a){if(s.iso!==void 0){let t=s.iso;const v=e,_=e;let N=!1,j=null;const K=e;if(e===
K)if(t&&typeof t=="object"&&!Array.isArray(t)){let o;if(t.mode===void 0&&(o="mode")){const y={instancePath:i+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const n in t)if(n!=="mode"){const f={instancePath:i+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[f]:r.push(f),e++;break}if(y===e&&t.mode!==void 0&&
t.mode!=="auto"){const n={instancePath:i+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const o={instancePath:i+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var J=K===e;J&&(N=!0,j=0);
const h=e;if(e===h)if(t&&typeof t=="object"&&!Array.isArray(t)){let o;if(t.mode===void 0&&(o="mode")||t.click===void 0&&
(o="click")){const y={instancePath:i+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[y]:r.push(y),e++}else{const y=e;for(const n in t)if(!(n==="mode"||n==="click")){const f={instancePath:i+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[f]:r.push(f),e++;break}if(y===e){if(t.mode!==void 0){const n=e;if(t.mode!=="held"){const f={instancePath:i+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[f]:r.push(f),e++}var V=n===e}else var V=!0;if(V)if(t.click!==void 0){let n=t.click;const f=e;if(!(typeof n=="num\
ber"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:i+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===f&&typeof n=="number"&&isFinite(
n)){if(n>24||isNaN(n)){const u={instancePath:i+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[u]:r.push(u),e++}else if(n<-6||isNaN(n)){const u={instancePath:i+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[u]:r.push(u),e++}}var V=f===e}else var V=!0}}}else{const o={instancePath:i+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var J=h===e;if(J&&N?(N=!1,j=[j,1]):
J&&(N=!0,j=1),N)e=_,r!==null&&(_?r.length=_:r=null);else{const o={instancePath:i+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:j}};return r===null?r=[o]:r.push(o),e++,$.errors=r,!1}var a=v===e}else var a=!0;
if(a){if(s.compClicks!==void 0){let t=s.compClicks;const v=e;if(e===v)if(typeof t=="number"&&isFinite(t)){if(t>18||isNaN(
t))return $.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(t<-18||isNaN(t))return $.errors=[{instancePath:i+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let N;if(N=t/.5,N!==parseInt(N))return $.
errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return $.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var a=v===e}else var a=!0;if(a){if(s.meter!==void 0){let t=s.meter;const v=e;if(e===v)if(t&&typeof t==
"object"&&!Array.isArray(t)){let N;if(t.pattern===void 0&&(N="pattern")||t.spot===void 0&&(N="spot")||t.lockedEv100===void 0&&
(N="lockedEv100"))return $.errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:N}}],!1;{const j=e;for(const K in t)if(!(K==="pattern"||K==="spot"||K==="lockedEv100")){return $.
errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:K}}],!1;break}if(j===e){if(t.pattern!==void 0){let K=t.pattern;const h=e;if(!(K==="whole"||K==="centr\
e"||K==="spot"||K==="highlights"))return $.errors=[{instancePath:i+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:le.properties.meter.properties.pattern.enum}}],!1;var g=h===e}else
var g=!0;if(g){if(t.spot!==void 0){let K=t.spot;const h=e;if(e===h)if(K&&typeof K=="object"&&!Array.isArray(K)){let o;if(K.
x===void 0&&(o="x")||K.y===void 0&&(o="y"))return $.errors=[{instancePath:i+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:o}}],!1;{const y=e;for(const n in K)if(!(n==="x"||
n==="y")){return $.errors=[{instancePath:i+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:n}}],!1;break}if(y===e){if(K.x!==void 0){let n=K.x;const f=e;
if(e===f)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return $.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(n<0||
isNaN(n))return $.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return $.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var S=f===e}else var S=!0;
if(S)if(K.y!==void 0){let n=K.y;const f=e;if(e===f)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return $.errors=
[{instancePath:i+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(n<0||isNaN(n))return $.errors=[{instancePath:i+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return $.
errors=[{instancePath:i+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var S=f===e}else var S=!0}}}else return $.errors=[{instancePath:i+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var g=h===e}else var g=!0;if(g)if(t.
lockedEv100!==void 0){let K=t.lockedEv100;const h=e;if(!(typeof K=="number"&&isFinite(K))&&K!==null)return $.errors=[{instancePath:i+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:le.properties.
meter.properties.lockedEv100.type}}],!1;if(e===h&&typeof K=="number"&&isFinite(K)){if(K>30||isNaN(K))return $.errors=[{instancePath:i+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(K<-20||isNaN(K))return $.errors=[{instancePath:i+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var g=h===e}else var g=!0}}}}else
return $.errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var a=v===e}else var a=!0;if(a){if(s.support!==void 0){let t=s.support;const v=e;if(!(t==="hand"||t==="tripod"))return $.
errors=[{instancePath:i+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:le.properties.
support.enum}}],!1;var a=v===e}else var a=!0;if(a){if(s.stabiliserStops!==void 0){let t=s.stabiliserStops;const v=e;if(!(typeof t==
"number"&&!(t%1)&&!isNaN(t)&&isFinite(t)))return $.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===v&&typeof t=="number"&&isFinite(t)){if(t>5||isNaN(
t))return $.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(t<0||isNaN(t))return $.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var a=v===e}else var a=!0;
if(a){if(s.filterStops!==void 0){let t=s.filterStops;const v=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(t)&&isFinite(t)))
return $.errors=[{instancePath:i+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===v&&typeof t=="number"&&isFinite(t)){if(t>10||isNaN(t))return $.errors=[{instancePath:i+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(t<0||isNaN(
t))return $.errors=[{instancePath:i+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var a=v===e}else var a=!0;if(a){if(s.torch!==void 0){const t=e;if(typeof s.torch!="boolean")
return $.errors=[{instancePath:i+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var a=t===e}else var a=!0;if(a){if(s.flash!==void 0){let t=s.flash;const v=e;if(!(t==="off"||t==="begin"||t==="end"))
return $.errors=[{instancePath:i+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:le.properties.
flash.enum}}],!1;var a=v===e}else var a=!0;if(a){if(s.subject!==void 0){let t=s.subject;const v=e;if(!(t==="scene"||t===
"still"||t==="walking"||t==="running"||t==="vehicle"))return $.errors=[{instancePath:i+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:le.properties.subject.enum}}],!1;var a=v===e}else var a=!0;if(a){if(s.
mainsHz!==void 0){let t=s.mainsHz;const v=e;if(!(t===50||t===60))return $.errors=[{instancePath:i+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:le.properties.mainsHz.enum}}],!1;var a=v===e}else var a=!0;
if(a){if(s.sizeMp!==void 0){let t=s.sizeMp;const v=e;if(!(t===12||t===3))return $.errors=[{instancePath:i+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:le.properties.sizeMp.enum}}],!1;var a=v===e}else var a=!0;
if(a){if(s.focus!==void 0){let t=s.focus;const v=e,_=e;let N=!1,j=null;const K=e;if(e===K)if(t&&typeof t=="object"&&!Array.
isArray(t)){let o;if(t.mode===void 0&&(o="mode")||t.spot===void 0&&(o="spot")||t.follow===void 0&&(o="follow")){const y={
instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[y]:r.push(y),e++}else{const y=e;for(const n in t)if(!(n==="mode"||n==="spot"||n==="follow")){const f={instancePath:i+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[f]:r.push(f),e++;break}if(y===e){if(t.mode!==void 0){const n=e;if(t.mode!=="auto"){const f={instancePath:i+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[f]:r.push(f),e++}var T=n===e}else var T=!0;if(T){if(t.spot!==void 0){let n=t.spot;const f=e;if(e===f)if(n&&typeof n==
"object"&&!Array.isArray(n)){let u;if(n.x===void 0&&(u="x")||n.y===void 0&&(u="y")){const H={instancePath:i+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:u}};r===null?
r=[H]:r.push(H),e++}else{const H=e;for(const Z in n)if(!(Z==="x"||Z==="y")){const O={instancePath:i+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:Z}};
r===null?r=[O]:r.push(O),e++;break}if(H===e){if(n.x!==void 0){let Z=n.x;const O=e;if(e===O)if(typeof Z=="number"&&isFinite(
Z)){if(Z>1||isNaN(Z)){const L={instancePath:i+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[L]:r.push(L),e++}else if(Z<0||isNaN(Z)){
const L={instancePath:i+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[L]:r.push(L),e++}}else{const L={instancePath:i+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[L]:r.push(
L),e++}var w=O===e}else var w=!0;if(w)if(n.y!==void 0){let Z=n.y;const O=e;if(e===O)if(typeof Z=="number"&&isFinite(Z)){
if(Z>1||isNaN(Z)){const k={instancePath:i+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[k]:r.push(k),e++}else if(Z<0||isNaN(Z)){const k={
instancePath:i+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[k]:r.push(k),e++}}else{const k={instancePath:i+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[k]:r.push(
k),e++}var w=O===e}else var w=!0}}}else{const u={instancePath:i+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var T=f===e}else var T=!0;if(T)if(t.
follow!==void 0){const n=e;if(typeof t.follow!="boolean"){const D={instancePath:i+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[D]:r.push(D),e++}var T=n===
e}else var T=!0}}}}else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var A=K===e;A&&(N=!0,j=0);const h=e;if(e===h)if(t&&typeof t=="object"&&!Array.
isArray(t)){let o;if(t.mode===void 0&&(o="mode")||t.dioptres===void 0&&(o="dioptres")){const y={instancePath:i+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),
e++}else{const y=e;for(const n in t)if(!(n==="mode"||n==="dioptres")){const f={instancePath:i+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[f]:
r.push(f),e++;break}if(y===e){if(t.mode!==void 0){const n=e;if(t.mode!=="held"){const f={instancePath:i+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[f]:r.push(f),
e++}var U=n===e}else var U=!0;if(U)if(t.dioptres!==void 0){let n=t.dioptres;const f=e;if(e===f)if(typeof n=="number"&&isFinite(
n)){if(n>25||isNaN(n)){const u={instancePath:i+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[u]:r.push(u),e++}else if(n<-1||isNaN(n)){const u={
instancePath:i+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:i+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var U=f===
e}else var U=!0}}}else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var A=h===e;if(A&&N?(N=!1,j=[j,1]):A&&(N=!0,j=1),N)e=_,r!==null&&(_?r.length=
_:r=null);else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:j}};
return r===null?r=[o]:r.push(o),e++,$.errors=r,!1}var a=v===e}else var a=!0;if(a){if(s.white!==void 0){let t=s.white;const v=e,
_=e;let N=!1,j=null;const K=e;if(e===K)if(t&&typeof t=="object"&&!Array.isArray(t)){let o;if(t.mode===void 0&&(o="mode")||
t.locked===void 0&&(o="locked")){const y={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;for(const n in t)if(!(n==="mode"||n===
"locked")){const f={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:n}};r===null?r=[f]:r.push(f),e++;break}if(y===e){if(t.mode!==void 0){const n=e;
if(t.mode!=="auto"){const f={instancePath:i+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[f]:r.push(f),e++}var m=n===e}else var m=!0;if(m)if(t.locked!==
void 0){let n=t.locked;const f=e,D=e;let u=!1,H=null;const Z=e;if(n!==null){const k={instancePath:i+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(k),
e++}var d=Z===e;d&&(u=!0,H=0);const O=e;if(e===O)if(n&&typeof n=="object"&&!Array.isArray(n)){let k;if(n.kelvin===void 0&&
(k="kelvin")||n.tint===void 0&&(k="tint")){const C={instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:k}};r===null?r=[C]:r.push(C),e++}else{const C=e;
for(const Y in n)if(!(Y==="kelvin"||Y==="tint")){const M={instancePath:i+"/white/locked",schemaPath:"#/properties/white/\
oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:Y}};r===
null?r=[M]:r.push(M),e++;break}if(C===e){if(n.kelvin!==void 0){let Y=n.kelvin;const M=e;if(e===M)if(typeof Y=="number"&&
isFinite(Y)){if(Y>12e3||isNaN(Y)){const ae={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/white/oneOf/0\
/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=
[ae]:r.push(ae),e++}else if(Y<2e3||isNaN(Y)){const ae={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",limit:2e3}};r===
null?r=[ae]:r.push(ae),e++}}else{const ae={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/white/oneOf/0/\
properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[ae]:r.push(ae),e++}
var F=M===e}else var F=!0;if(F)if(n.tint!==void 0){let Y=n.tint;const M=e;if(e===M)if(typeof Y=="number"&&isFinite(Y)){if(Y>
30||isNaN(Y)){const pe={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/one\
Of/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[pe]:r.push(pe),e++}else if(Y<
-30||isNaN(Y)){const pe={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/on\
eOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===null?r=[pe]:r.push(pe),e++}}else{
const pe={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/propertie\
s/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[pe]:r.push(pe),e++}var F=M===e}else var F=!0}}}else{const k={
instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[k]:r.push(k),e++}var d=O===e;if(d&&u?(u=!1,H=[H,1]):d&&(u=!0,H=1),u)e=D,r!==null&&(D?r.length=
D:r=null);else{const k={instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf",keyword:"\
oneOf",params:{passingSchemas:H}};r===null?r=[k]:r.push(k),e++}var m=f===e}else var m=!0}}}else{const o={instancePath:i+
"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var c=K===e;c&&(N=!0,j=0);const h=e;if(e===h)if(t&&typeof t=="object"&&!Array.isArray(t)){let o;if(t.mode===void 0&&(o="\
mode")||t.kelvin===void 0&&(o="kelvin")||t.tint===void 0&&(o="tint")){const y={instancePath:i+"/white",schemaPath:"#/pro\
perties/white/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const n in t)if(!(n==="mode"||n==="kelvin"||n==="tint")){const f={instancePath:i+"/white",schemaPath:"#/properties/w\
hite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[f]:r.push(f),
e++;break}if(y===e){if(t.mode!==void 0){const n=e;if(t.mode!=="held"){const f={instancePath:i+"/white/mode",schemaPath:"\
#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[f]:r.push(f),
e++}var x=n===e}else var x=!0;if(x){if(t.kelvin!==void 0){let n=t.kelvin;const f=e;if(e===f)if(typeof n=="number"&&isFinite(
n)){if(n>12e3||isNaN(n)){const u={instancePath:i+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvi\
n/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[u]:r.push(u),e++}else if(n<2e3||isNaN(n)){
const u={instancePath:i+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"minim\
um",params:{comparison:">=",limit:2e3}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:i+"/white/kelvin",schemaPath:"\
#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var x=f===
e}else var x=!0;if(x)if(t.tint!==void 0){let n=t.tint;const f=e;if(e===f)if(typeof n=="number"&&isFinite(n)){if(n>30||isNaN(
n)){const u={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/maximum",keyword:"maxim\
um",params:{comparison:"<=",limit:30}};r===null?r=[u]:r.push(u),e++}else if(n<-30||isNaN(n)){const u={instancePath:i+"/w\
hite/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properti\
es/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var x=f===e}else var x=!0}}}}else{const o={
instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[
o]:r.push(o),e++}var c=h===e;if(c&&N?(N=!1,j=[j,1]):c&&(N=!0,j=1),N)e=_,r!==null&&(_?r.length=_:r=null);else{const o={instancePath:i+
"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:j}};return r===null?r=[o]:r.push(o),
e++,$.errors=r,!1}var a=v===e}else var a=!0;if(a){if(s.files!==void 0){let t=s.files;const v=e;if(!(t==="dng"||t==="dng+\
jpeg"||t==="jpeg"||t==="tiff"||t==="png"))return $.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/enum",
keyword:"enum",params:{allowedValues:le.properties.files.enum}}],!1;var a=v===e}else var a=!0;if(a){if(s.jpegQuality!==void 0){
let t=s.jpegQuality;const v=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(t)&&isFinite(t)))return $.errors=[{instancePath:i+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],!1;if(e===v&&typeof t==
"number"&&isFinite(t)){if(t>100||isNaN(t))return $.errors=[{instancePath:i+"/jpegQuality",schemaPath:"#/properties/jpegQ\
uality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(t<60||isNaN(t))return $.errors=[{instancePath:i+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",limit:60}}],!1}var a=v===
e}else var a=!0;if(a){if(s.average!==void 0){let t=s.average;const v=e,_=e;let N=!1,j=null;const K=e;if(t!==1){const o={
instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};r===null?
r=[o]:r.push(o),e++}var l=K===e;l&&(N=!0,j=0);const h=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(t)&&isFinite(t))){const o={
instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};r===null?
r=[o]:r.push(o),e++}if(e===h&&typeof t=="number"&&isFinite(t)){if(t>64||isNaN(t)){const o={instancePath:i+"/average",schemaPath:"\
#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=[o]:r.push(o),e++}else if(t<
4||isNaN(t)){const o={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/minimum",keyword:"minimum",params:{
comparison:">=",limit:4}};r===null?r=[o]:r.push(o),e++}}var l=h===e;if(l&&N?(N=!1,j=[j,1]):l&&(N=!0,j=1),N)e=_,r!==null&&
(_?r.length=_:r=null);else{const o={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{
passingSchemas:j}};return r===null?r=[o]:r.push(o),e++,$.errors=r,!1}var a=v===e}else var a=!0;if(a){if(s.aspect!==void 0){
let t=s.aspect;const v=e;if(!(t==="4:3"||t==="3:2"||t==="16:9"||t==="1:1"))return $.errors=[{instancePath:i+"/aspect",schemaPath:"\
#/properties/aspect/enum",keyword:"enum",params:{allowedValues:le.properties.aspect.enum}}],!1;var a=v===e}else var a=!0;
if(a){if(s.series!==void 0){let t=s.series;const v=e,_=e;let N=!1,j=null;const K=e;if(e===K)if(t&&typeof t=="object"&&!Array.
isArray(t)){let o;if(t.kind===void 0&&(o="kind")){const y={instancePath:i+"/series",schemaPath:"#/properties/series/oneO\
f/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:r.push(y),e++}else{const y=e;for(const n in t)
if(n!=="kind"){const f={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/0/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:n}};r===null?r=[f]:r.push(f),e++;break}if(y===e&&t.kind!==void 0&&t.kind!==
"single"){const n={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/0/properties/kind/const",keyword:"\
const",params:{allowedValue:"single"}};r===null?r=[n]:r.push(n),e++}}}else{const o={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var R=K===e;R&&(N=
!0,j=0);const h=e;if(e===h)if(t&&typeof t=="object"&&!Array.isArray(t)){let o;if(t.kind===void 0&&(o="kind")||t.frames===
void 0&&(o="frames")||t.stepClicks===void 0&&(o="stepClicks")||t.order===void 0&&(o="order")){const y={instancePath:i+"/\
series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[y]:
r.push(y),e++}else{const y=e;for(const n in t)if(!(n==="kind"||n==="frames"||n==="stepClicks"||n==="order")){const f={instancePath:i+
"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[f]:r.push(f),e++;break}if(y===e){if(t.kind!==void 0){const n=e;if(t.kind!=="bracket"){const f={instancePath:i+
"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/const",keyword:"const",params:{allowedValue:"brac\
ket"}};r===null?r=[f]:r.push(f),e++}var P=n===e}else var P=!0;if(P){if(t.frames!==void 0){let n=t.frames;const f=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneO\
f/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===f&&typeof n=="nu\
mber"&&isFinite(n)){if(n>9||isNaN(n)){const u={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneOf/1/p\
roperties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[u]:r.push(u),e++}else if(n<2||
isNaN(n)){const u={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2}};r===null?r=[u]:r.push(u),e++}}var P=f===e}else var P=!0;if(P){if(t.stepClicks!==
void 0){let n=t.stepClicks;const f=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:i+"\
/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/type",keyword:"type",params:{type:"int\
eger"}};r===null?r=[u]:r.push(u),e++}if(e===f&&typeof n=="number"&&isFinite(n)){if(n>9||isNaN(n)){const u={instancePath:i+
"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}};r===null?r=[u]:r.push(u),e++}else if(n<1||isNaN(n)){const u={instancePath:i+"/series/stepClicks",schemaPath:"\
#/properties/series/oneOf/1/properties/stepClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?
r=[u]:r.push(u),e++}}var P=f===e}else var P=!0;if(P)if(t.order!==void 0){let n=t.order;const f=e;if(!(n==="middle-first"||
n==="dark-first"||n==="bright-first")){const u={instancePath:i+"/series/order",schemaPath:"#/properties/series/oneOf/1/p\
roperties/order/enum",keyword:"enum",params:{allowedValues:le.properties.series.oneOf[1].properties.order.enum}};r===null?
r=[u]:r.push(u),e++}var P=f===e}else var P=!0}}}}}else{const o={instancePath:i+"/series",schemaPath:"#/properties/series\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var R=h===e;if(R&&N)N=!1,j=[j,1];else{
R&&(N=!0,j=1);const o=e;if(e===o)if(t&&typeof t=="object"&&!Array.isArray(t)){let n;if(t.kind===void 0&&(n="kind")||t.frames===
void 0&&(n="frames")){const f={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/required",keyword:"requi\
red",params:{missingProperty:n}};r===null?r=[f]:r.push(f),e++}else{const f=e;for(const D in t)if(!(D==="kind"||D==="fram\
es")){const u={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/additionalProperties",keyword:"additiona\
lProperties",params:{additionalProperty:D}};r===null?r=[u]:r.push(u),e++;break}if(f===e){if(t.kind!==void 0){const D=e;if(t.
kind!=="burst"){const u={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/2/properties/kind/const",keyword:"\
const",params:{allowedValue:"burst"}};r===null?r=[u]:r.push(u),e++}var W=D===e}else var W=!0;if(W)if(t.frames!==void 0){
let D=t.frames;const u=e;if(!(typeof D=="number"&&!(D%1)&&!isNaN(D)&&isFinite(D))){const Z={instancePath:i+"/series/fram\
es",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[
Z]:r.push(Z),e++}if(e===u&&typeof D=="number"&&isFinite(D)){if(D>60||isNaN(D)){const Z={instancePath:i+"/series/frames",
schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:60}};
r===null?r=[Z]:r.push(Z),e++}else if(D<3||isNaN(D)){const Z={instancePath:i+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:3}};r===null?r=[Z]:r.push(Z),e++}}
var W=u===e}else var W=!0}}}else{const n={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/type",keyword:"\
type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var R=o===e;if(R&&N)N=!1,j=[j,2];else{R&&(N=!0,j=2);const n=e;
if(e===n)if(t&&typeof t=="object"&&!Array.isArray(t)){let D;if(t.kind===void 0&&(D="kind")||t.places===void 0&&(D="place\
s")||t.nearDioptres===void 0&&(D="nearDioptres")||t.farDioptres===void 0&&(D="farDioptres")||t.overlap===void 0&&(D="ove\
rlap")){const u={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/required",keyword:"required",params:{missingProperty:D}};
r===null?r=[u]:r.push(u),e++}else{const u=e;for(const H in t)if(!(H==="kind"||H==="places"||H==="nearDioptres"||H==="far\
Dioptres"||H==="overlap")){const Z={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/additionalPropertie\
s",keyword:"additionalProperties",params:{additionalProperty:H}};r===null?r=[Z]:r.push(Z),e++;break}if(u===e){if(t.kind!==
void 0){const H=e;if(t.kind!=="focus"){const Z={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/3/pr\
operties/kind/const",keyword:"const",params:{allowedValue:"focus"}};r===null?r=[Z]:r.push(Z),e++}var I=H===e}else var I=!0;
if(I){if(t.places!==void 0){let H=t.places;const Z=e,O=e;let L=!1,k=null;const C=e;if(H!==null){const ae={instancePath:i+
"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[ae]:r.push(ae),e++}var oe=C===e;oe&&(L=!0,k=0);const Y=e;if(e===Y)if(Array.isArray(H))if(H.length>30){
const ae={instancePath:i+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:30}};r===null?r=[ae]:r.push(ae),e++}else{var X=!0;const ae=H.length;for(let pe=0;pe<ae;pe++){let ge=H[pe];
const be=e;if(e===be)if(typeof ge=="number"&&isFinite(ge)){if(ge>25||isNaN(ge)){const ke={instancePath:i+"/series/places\
/"+pe,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:25}};r===null?r=[ke]:r.push(ke),e++}else if(ge<-1||isNaN(ge)){const ke={instancePath:i+"/series/places/"+pe,schemaPath:"\
#/properties/series/oneOf/3/properties/places/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};
r===null?r=[ke]:r.push(ke),e++}}else{const ke={instancePath:i+"/series/places/"+pe,schemaPath:"#/properties/series/oneOf\
/3/properties/places/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===null?r=[ke]:r.push(ke),e++}var X=be===
e;if(!X)break}}else{const ae={instancePath:i+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/\
oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[ae]:r.push(ae),e++}var oe=Y===e;if(oe&&L?(L=!1,k=[k,1]):
oe&&(L=!0,k=1),L)e=O,r!==null&&(O?r.length=O:r=null);else{const ae={instancePath:i+"/series/places",schemaPath:"#/proper\
ties/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{passingSchemas:k}};r===null?r=[ae]:r.push(ae),e++}var I=Z===
e}else var I=!0;if(I){if(t.nearDioptres!==void 0){let H=t.nearDioptres;const Z=e;if(e===Z)if(typeof H=="number"&&isFinite(
H)){if(H>25||isNaN(H)){const L={instancePath:i+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties\
/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[L]:r.push(L),e++}else if(H<-1||isNaN(
H)){const L={instancePath:i+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[L]:r.push(L),e++}}else{const L={instancePath:i+"/se\
ries/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[L]:r.push(L),e++}var I=Z===e}else var I=!0;if(I){if(t.farDioptres!==void 0){let H=t.farDioptres;const Z=e;
if(e===Z)if(typeof H=="number"&&isFinite(H)){if(H>25||isNaN(H)){const L={instancePath:i+"/series/farDioptres",schemaPath:"\
#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?
r=[L]:r.push(L),e++}else if(H<-1||isNaN(H)){const L={instancePath:i+"/series/farDioptres",schemaPath:"#/properties/serie\
s/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[L]:r.push(L),
e++}}else{const L={instancePath:i+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[L]:r.push(L),e++}var I=Z===e}else var I=!0;if(I)if(t.overlap!==void 0){
let H=t.overlap;const Z=e;if(e===Z)if(typeof H=="number"&&isFinite(H)){if(H>.8||isNaN(H)){const L={instancePath:i+"/seri\
es/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maximum",keyword:"maximum",params:{comparison:"<=",
limit:.8}};r===null?r=[L]:r.push(L),e++}else if(H<0||isNaN(H)){const L={instancePath:i+"/series/overlap",schemaPath:"#/p\
roperties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[L]:
r.push(L),e++}}else{const L={instancePath:i+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap\
/type",keyword:"type",params:{type:"number"}};r===null?r=[L]:r.push(L),e++}var I=Z===e}else var I=!0}}}}}}else{const D={
instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{type:"object"}};r===null?r=
[D]:r.push(D),e++}var R=n===e;if(R&&N)N=!1,j=[j,3];else{R&&(N=!0,j=3);const D=e;if(e===D)if(t&&typeof t=="object"&&!Array.
isArray(t)){let H;if(t.kind===void 0&&(H="kind")||t.everyS===void 0&&(H="everyS")||t.frames===void 0&&(H="frames")||t.exposure===
void 0&&(H="exposure")||t.lightS===void 0&&(H="lightS")){const Z={instancePath:i+"/series",schemaPath:"#/properties/seri\
es/oneOf/4/required",keyword:"required",params:{missingProperty:H}};r===null?r=[Z]:r.push(Z),e++}else{const Z=e;for(const O in t)
if(!(O==="kind"||O==="everyS"||O==="frames"||O==="exposure"||O==="lightS")){const L={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/4/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}};r===null?
r=[L]:r.push(L),e++;break}if(Z===e){if(t.kind!==void 0){const O=e;if(t.kind!=="interval"){const L={instancePath:i+"/seri\
es/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"const",params:{allowedValue:"interval"}};
r===null?r=[L]:r.push(L),e++}var E=O===e}else var E=!0;if(E){if(t.everyS!==void 0){let O=t.everyS;const L=e;if(!(typeof O==
"number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const C={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneO\
f/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[C]:r.push(C),e++}if(e===L&&typeof O=="nu\
mber"&&isFinite(O)){if(O>3600||isNaN(O)){const C={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneOf/\
4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};r===null?r=[C]:r.push(C),e++}else if(O<
1||isNaN(O)){const C={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/minimum",
keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[C]:r.push(C),e++}}var E=L===e}else var E=!0;if(E){if(t.frames!==
void 0){let O=t.frames;const L=e;if(!(typeof O=="number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const C={instancePath:i+"/ser\
ies/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[C]:r.push(C),e++}if(e===L&&typeof O=="number"&&isFinite(O)){if(O>999||isNaN(O)){const C={instancePath:i+"/series\
/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:999}};
r===null?r=[C]:r.push(C),e++}else if(O<2||isNaN(O)){const C={instancePath:i+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[C]:r.push(C),e++}}
var E=L===e}else var E=!0;if(E){if(t.exposure!==void 0){let O=t.exposure;const L=e;if(!(O==="held"||O==="metered")){const C={
instancePath:i+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/properties/exposure/enum",keyword:"enum",params:{
allowedValues:le.properties.series.oneOf[4].properties.exposure.enum}};r===null?r=[C]:r.push(C),e++}var E=L===e}else var E=!0;
if(E)if(t.lightS!==void 0){let O=t.lightS;const L=e;if(!(typeof O=="number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const C={instancePath:i+
"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/type",keyword:"type",params:{type:"integer"}};
r===null?r=[C]:r.push(C),e++}if(e===L&&typeof O=="number"&&isFinite(O)){if(O>86400||isNaN(O)){const C={instancePath:i+"/\
series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:86400}};r===null?r=[C]:r.push(C),e++}else if(O<0||isNaN(O)){const C={instancePath:i+"/series/lightS",schemaPath:"\
#/properties/series/oneOf/4/properties/lightS/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[C]:
r.push(C),e++}}var E=L===e}else var E=!0}}}}}}else{const H={instancePath:i+"/series",schemaPath:"#/properties/series/one\
Of/4/type",keyword:"type",params:{type:"object"}};r===null?r=[H]:r.push(H),e++}var R=D===e;if(R&&N)N=!1,j=[j,4];else{R&&
(N=!0,j=4);const H=e;if(e===H)if(t&&typeof t=="object"&&!Array.isArray(t)){let O;if(t.kind===void 0&&(O="kind")||t.totalS===
void 0&&(O="totalS")||t.gather===void 0&&(O="gather")){const L={instancePath:i+"/series",schemaPath:"#/properties/series\
/oneOf/5/required",keyword:"required",params:{missingProperty:O}};r===null?r=[L]:r.push(L),e++}else{const L=e;for(const k in t)
if(!(k==="kind"||k==="totalS"||k==="gather")){const C={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/5/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:k}};r===null?r=[C]:r.push(C),e++;break}if(L===
e){if(t.kind!==void 0){const k=e;if(t.kind!=="long"){const C={instancePath:i+"/series/kind",schemaPath:"#/properties/ser\
ies/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};r===null?r=[C]:r.push(C),e++}var G=k===
e}else var G=!0;if(G){if(t.totalS!==void 0){let k=t.totalS;const C=e;if(!(typeof k=="number"&&!(k%1)&&!isNaN(k)&&isFinite(
k))){const M={instancePath:i+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[M]:r.push(M),e++}if(e===C&&typeof k=="number"&&isFinite(k)){if(k>7200||isNaN(k)){
const M={instancePath:i+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:7200}};r===null?r=[M]:r.push(M),e++}else if(k<30||isNaN(k)){const M={instancePath:i+
"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:30}};r===null?r=[M]:r.push(M),e++}}var G=C===e}else var G=!0;if(G)if(t.gather!==void 0){let k=t.gather;const C=e;
if(!(k==="mean"||k==="sum"||k==="brightest")){const M={instancePath:i+"/series/gather",schemaPath:"#/properties/series/o\
neOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:le.properties.series.oneOf[5].properties.gather.enum}};
r===null?r=[M]:r.push(M),e++}var G=C===e}else var G=!0}}}}else{const O={instancePath:i+"/series",schemaPath:"#/propertie\
s/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var R=H===e;R&&N?(N=!1,j=[j,5]):
R&&(N=!0,j=5)}}}}if(N)e=_,r!==null&&(_?r.length=_:r=null);else{const o={instancePath:i+"/series",schemaPath:"#/propertie\
s/series/oneOf",keyword:"oneOf",params:{passingSchemas:j}};return r===null?r=[o]:r.push(o),e++,$.errors=r,!1}var a=v===e}else
var a=!0;if(a)if(s.delayS!==void 0){let t=s.delayS;const v=e;if(!(t===0||t===2||t===3||t===10||t===20))return $.errors=[
{instancePath:i+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{allowedValues:le.properties.delayS.
enum}}],!1;var a=v===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}else return $.errors=[{instancePath:i,schemaPath:"#/type",keyword:"\
type",params:{type:"object"}}],!1;return $.errors=r,e===0}const Ce=B,ne={$id:"velmo/preferences/7",type:"object",properties:{
version:{const:7},compStepClicks:{enum:[1,1.5,3]},monitors:{type:"object",properties:{over:{enum:["any","red","green","b\
lue","off"]},overColour:{enum:["pink","white","black"]},under:{type:"boolean"},zebra:{oneOf:[{type:"null"},{type:"object",
properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,maximum:9}},required:["on","clicksUnder"],additionalProperties:!1},
{type:"object",properties:{on:{const:"picture"},percent:{type:"integer",minimum:70,maximum:109}},required:["on","percent"],
additionalProperties:!1}]},toneClicks:{type:["integer","null"],minimum:-18,maximum:9},rawHistogram:{enum:["off","small",
"large"]},logHeight:{type:"boolean"},pictureHistogram:{type:"boolean"},allowedShare:{enum:[0,.001,.005,.02]},peaking:{enum:[
"focusing","always","off"]},peakingStrength:{enum:["low","medium","high"]},peakingColour:{enum:["violet","white","blue"]}},
required:["over","overColour","under","zebra","toneClicks","rawHistogram","logHeight","pictureHistogram","allowedShare",
"peaking","peakingStrength","peakingColour"],additionalProperties:!1},aids:{type:"object",properties:{grid:{enum:["third\
s","golden","diagonals","squares","cross","off"]},frame:{enum:["1:1","5:4","3:2","16:9","2:1","off"]},level:{type:"boole\
an"},caption:{type:"array",items:{enum:["exposure","light","focus","white","lens","tilt"]},uniqueItems:!0},strength:{enum:[
"faint","middle","strong"]}},required:["grid","frame","level","caption","strength"],additionalProperties:!1},focusing:{type:"\
object",properties:{unit:{enum:["m","ft"]},loupeZoom:{enum:[1,2]},loupeWithFocus:{type:"boolean"},beforeCapture:{type:"b\
oolean"}},required:["unit","loupeZoom","loupeWithFocus","beforeCapture"],additionalProperties:!1},delaySound:{type:"bool\
ean"},lightAhead:{enum:["fitting","always","never"]},naming:{type:"object",properties:{pattern:{type:"string",maxLength:80},
count:{type:"integer",minimum:1,maximum:1e9}},required:["pattern","count"],additionalProperties:!1}},required:["version",
"compStepClicks","monitors","aids","focusing","naming","delaySound","lightAhead"],additionalProperties:!1},Oe=require("ajv/dist/runtime/equal").
default,te=require("ajv/dist/runtime/ucs2length").default;function B(s,{instancePath:i="",parentData:ye,parentDataProperty:he,
rootData:de=s}={}){let r=null,e=0;if(e===0)if(s&&typeof s=="object"&&!Array.isArray(s)){let U;if(s.version===void 0&&(U=
"version")||s.compStepClicks===void 0&&(U="compStepClicks")||s.monitors===void 0&&(U="monitors")||s.aids===void 0&&(U="a\
ids")||s.focusing===void 0&&(U="focusing")||s.naming===void 0&&(U="naming")||s.delaySound===void 0&&(U="delaySound")||s.
lightAhead===void 0&&(U="lightAhead"))return B.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{
missingProperty:U}}],!1;{const A=e;for(const m in s)if(!(m==="version"||m==="compStepClicks"||m==="monitors"||m==="aids"||
m==="focusing"||m==="delaySound"||m==="lightAhead"||m==="naming")){return B.errors=[{instancePath:i,schemaPath:"#/additi\
onalProperties",keyword:"additionalProperties",params:{additionalProperty:m}}],!1;break}if(A===e){if(s.version!==void 0){
const m=e;if(s.version!==7)return B.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:7}}],!1;var a=m===e}else var a=!0;if(a){if(s.compStepClicks!==void 0){let m=s.compStepClicks;
const F=e;if(!(m===1||m===1.5||m===3))return B.errors=[{instancePath:i+"/compStepClicks",schemaPath:"#/properties/compSt\
epClicks/enum",keyword:"enum",params:{allowedValues:ne.properties.compStepClicks.enum}}],!1;var a=F===e}else var a=!0;if(a){
if(s.monitors!==void 0){let m=s.monitors;const F=e;if(e===F)if(m&&typeof m=="object"&&!Array.isArray(m)){let x;if(m.over===
void 0&&(x="over")||m.overColour===void 0&&(x="overColour")||m.under===void 0&&(x="under")||m.zebra===void 0&&(x="zebra")||
m.toneClicks===void 0&&(x="toneClicks")||m.rawHistogram===void 0&&(x="rawHistogram")||m.logHeight===void 0&&(x="logHeigh\
t")||m.pictureHistogram===void 0&&(x="pictureHistogram")||m.allowedShare===void 0&&(x="allowedShare")||m.peaking===void 0&&
(x="peaking")||m.peakingStrength===void 0&&(x="peakingStrength")||m.peakingColour===void 0&&(x="peakingColour"))return B.
errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/required",keyword:"required",params:{missingProperty:x}}],
!1;{const c=e;for(const l in m)if(!we.call(ne.properties.monitors.properties,l)){return B.errors=[{instancePath:i+"/moni\
tors",schemaPath:"#/properties/monitors/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],
!1;break}if(c===e){if(m.over!==void 0){let l=m.over;const P=e;if(!(l==="any"||l==="red"||l==="green"||l==="blue"||l==="o\
ff"))return B.errors=[{instancePath:i+"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"\
enum",params:{allowedValues:ne.properties.monitors.properties.over.enum}}],!1;var z=P===e}else var z=!0;if(z){if(m.overColour!==
void 0){let l=m.overColour;const P=e;if(!(l==="pink"||l==="white"||l==="black"))return B.errors=[{instancePath:i+"/monit\
ors/overColour",schemaPath:"#/properties/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:ne.properties.
monitors.properties.overColour.enum}}],!1;var z=P===e}else var z=!0;if(z){if(m.under!==void 0){const l=e;if(typeof m.under!=
"boolean")return B.errors=[{instancePath:i+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"\
type",params:{type:"boolean"}}],!1;var z=l===e}else var z=!0;if(z){if(m.zebra!==void 0){let l=m.zebra;const P=e,R=e;let W=!1,
I=null;const X=e;if(l!==null){const G={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zeb\
ra/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[G]:r.push(G),e++}var V=X===e;V&&(W=!0,I=0);const oe=e;
if(e===oe)if(l&&typeof l=="object"&&!Array.isArray(l)){let G;if(l.on===void 0&&(G="on")||l.clicksUnder===void 0&&(G="cli\
cksUnder")){const p={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/require\
d",keyword:"required",params:{missingProperty:G}};r===null?r=[p]:r.push(p),e++}else{const p=e;for(const b in l)if(!(b===
"on"||b==="clicksUnder")){const t={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/o\
neOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:b}};r===null?r=[t]:r.push(t),e++;
break}if(p===e){if(l.on!==void 0){const b=e;if(l.on!=="raw"){const t={instancePath:i+"/monitors/zebra/on",schemaPath:"#/\
properties/monitors/properties/zebra/oneOf/1/properties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?
r=[t]:r.push(t),e++}var q=b===e}else var q=!0;if(q)if(l.clicksUnder!==void 0){let b=l.clicksUnder;const t=e;if(!(typeof b==
"number"&&!(b%1)&&!isNaN(b)&&isFinite(b))){const _={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/propertie\
s/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[_]:
r.push(_),e++}if(e===t&&typeof b=="number"&&isFinite(b)){if(b>9||isNaN(b)){const _={instancePath:i+"/monitors/zebra/clic\
ksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{
comparison:"<=",limit:9}};r===null?r=[_]:r.push(_),e++}else if(b<0||isNaN(b)){const _={instancePath:i+"/monitors/zebra/c\
licksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",
params:{comparison:">=",limit:0}};r===null?r=[_]:r.push(_),e++}}var q=t===e}else var q=!0}}}else{const G={instancePath:i+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};
r===null?r=[G]:r.push(G),e++}var V=oe===e;if(V&&W)W=!1,I=[I,1];else{V&&(W=!0,I=1);const G=e;if(e===G)if(l&&typeof l=="ob\
ject"&&!Array.isArray(l)){let b;if(l.on===void 0&&(b="on")||l.percent===void 0&&(b="percent")){const t={instancePath:i+"\
/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:b}};
r===null?r=[t]:r.push(t),e++}else{const t=e;for(const v in l)if(!(v==="on"||v==="percent")){const _={instancePath:i+"/mo\
nitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProper\
ties",params:{additionalProperty:v}};r===null?r=[_]:r.push(_),e++;break}if(t===e){if(l.on!==void 0){const v=e;if(l.on!==
"picture"){const _={instancePath:i+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/prope\
rties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?r=[_]:r.push(_),e++}var J=v===e}else var J=!0;
if(J)if(l.percent!==void 0){let v=l.percent;const _=e;if(!(typeof v=="number"&&!(v%1)&&!isNaN(v)&&isFinite(v))){const j={
instancePath:i+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/t\
ype",keyword:"type",params:{type:"integer"}};r===null?r=[j]:r.push(j),e++}if(e===_&&typeof v=="number"&&isFinite(v)){if(v>
109||isNaN(v)){const j={instancePath:i+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};r===null?r=[j]:r.push(j),e++}else if(v<
70||isNaN(v)){const j={instancePath:i+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};r===null?r=[j]:r.push(j),e++}}var J=_===
e}else var J=!0}}}else{const b={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/type",keyword:"type",params:{type:"object"}};r===null?r=[b]:r.push(b),e++}var V=G===e;V&&W?(W=!1,I=[I,2]):V&&(W=!0,I=
2)}if(W)e=R,r!==null&&(R?r.length=R:r=null);else{const G={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/moni\
tors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:I}};return r===null?r=[G]:r.push(G),e++,B.errors=r,!1}
var z=P===e}else var z=!0;if(z){if(m.toneClicks!==void 0){let l=m.toneClicks;const P=e;if(!(typeof l=="number"&&!(l%1)&&
!isNaN(l)&&isFinite(l))&&l!==null)return B.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"#/properties/monit\
ors/properties/toneClicks/type",keyword:"type",params:{type:ne.properties.monitors.properties.toneClicks.type}}],!1;if(e===
P&&typeof l=="number"&&isFinite(l)){if(l>9||isNaN(l))return B.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"\
#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}}],!1;if(l<-18||isNaN(
l))return B.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var z=P===e}else var z=!0;if(z){if(m.rawHistogram!==void 0){
let l=m.rawHistogram;const P=e;if(!(l==="off"||l==="small"||l==="large"))return B.errors=[{instancePath:i+"/monitors/raw\
Histogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",params:{allowedValues:ne.properties.
monitors.properties.rawHistogram.enum}}],!1;var z=P===e}else var z=!0;if(z){if(m.logHeight!==void 0){const l=e;if(typeof m.
logHeight!="boolean")return B.errors=[{instancePath:i+"/monitors/logHeight",schemaPath:"#/properties/monitors/properties\
/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var z=l===e}else var z=!0;if(z){if(m.pictureHistogram!==void 0){
const l=e;if(typeof m.pictureHistogram!="boolean")return B.errors=[{instancePath:i+"/monitors/pictureHistogram",schemaPath:"\
#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"boolean"}}],!1;var z=l===e}else var z=!0;
if(z){if(m.allowedShare!==void 0){let l=m.allowedShare;const P=e;if(!(l===0||l===.001||l===.005||l===.02))return B.errors=
[{instancePath:i+"/monitors/allowedShare",schemaPath:"#/properties/monitors/properties/allowedShare/enum",keyword:"enum",
params:{allowedValues:ne.properties.monitors.properties.allowedShare.enum}}],!1;var z=P===e}else var z=!0;if(z){if(m.peaking!==
void 0){let l=m.peaking;const P=e;if(!(l==="focusing"||l==="always"||l==="off"))return B.errors=[{instancePath:i+"/monit\
ors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"enum",params:{allowedValues:ne.properties.
monitors.properties.peaking.enum}}],!1;var z=P===e}else var z=!0;if(z){if(m.peakingStrength!==void 0){let l=m.peakingStrength;
const P=e;if(!(l==="low"||l==="medium"||l==="high"))return B.errors=[{instancePath:i+"/monitors/peakingStrength",schemaPath:"\
#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:ne.properties.monitors.properties.
peakingStrength.enum}}],!1;var z=P===e}else var z=!0;if(z)if(m.peakingColour!==void 0){let l=m.peakingColour;const P=e;if(!(l===
"violet"||l==="white"||l==="blue"))return B.errors=[{instancePath:i+"/monitors/peakingColour",schemaPath:"#/properties/m\
onitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:ne.properties.monitors.properties.peakingColour.
enum}}],!1;var z=P===e}else var z=!0}}}}}}}}}}}}}else return B.errors=[{instancePath:i+"/monitors",schemaPath:"#/propert\
ies/monitors/type",keyword:"type",params:{type:"object"}}],!1;var a=F===e}else var a=!0;if(a){if(s.aids!==void 0){let m=s.
aids;const F=e;if(e===F)if(m&&typeof m=="object"&&!Array.isArray(m)){let x;if(m.grid===void 0&&(x="grid")||m.frame===void 0&&
(x="frame")||m.level===void 0&&(x="level")||m.caption===void 0&&(x="caption")||m.strength===void 0&&(x="strength"))return B.
errors=[{instancePath:i+"/aids",schemaPath:"#/properties/aids/required",keyword:"required",params:{missingProperty:x}}],
!1;{const c=e;for(const l in m)if(!(l==="grid"||l==="frame"||l==="level"||l==="caption"||l==="strength")){return B.errors=
[{instancePath:i+"/aids",schemaPath:"#/properties/aids/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],
!1;break}if(c===e){if(m.grid!==void 0){let l=m.grid;const P=e;if(!(l==="thirds"||l==="golden"||l==="diagonals"||l==="squ\
ares"||l==="cross"||l==="off"))return B.errors=[{instancePath:i+"/aids/grid",schemaPath:"#/properties/aids/properties/gr\
id/enum",keyword:"enum",params:{allowedValues:ne.properties.aids.properties.grid.enum}}],!1;var g=P===e}else var g=!0;if(g){
if(m.frame!==void 0){let l=m.frame;const P=e;if(!(l==="1:1"||l==="5:4"||l==="3:2"||l==="16:9"||l==="2:1"||l==="off"))return B.
errors=[{instancePath:i+"/aids/frame",schemaPath:"#/properties/aids/properties/frame/enum",keyword:"enum",params:{allowedValues:ne.
properties.aids.properties.frame.enum}}],!1;var g=P===e}else var g=!0;if(g){if(m.level!==void 0){const l=e;if(typeof m.level!=
"boolean")return B.errors=[{instancePath:i+"/aids/level",schemaPath:"#/properties/aids/properties/level/type",keyword:"t\
ype",params:{type:"boolean"}}],!1;var g=l===e}else var g=!0;if(g){if(m.caption!==void 0){let l=m.caption;const P=e;if(e===
P)if(Array.isArray(l)){var S=!0;const W=l.length;for(let I=0;I<W;I++){let X=l[I];const oe=e;if(!(X==="exposure"||X==="li\
ght"||X==="focus"||X==="white"||X==="lens"||X==="tilt"))return B.errors=[{instancePath:i+"/aids/caption/"+I,schemaPath:"\
#/properties/aids/properties/caption/items/enum",keyword:"enum",params:{allowedValues:ne.properties.aids.properties.caption.
items.enum}}],!1;var S=oe===e;if(!S)break}if(S){let I=l.length,X;if(I>1){e:for(;I--;)for(X=I;X--;)if(Oe(l[I],l[X])){return B.
errors=[{instancePath:i+"/aids/caption",schemaPath:"#/properties/aids/properties/caption/uniqueItems",keyword:"uniqueIte\
ms",params:{i:I,j:X}}],!1;break e}}}}else return B.errors=[{instancePath:i+"/aids/caption",schemaPath:"#/properties/aids\
/properties/caption/type",keyword:"type",params:{type:"array"}}],!1;var g=P===e}else var g=!0;if(g)if(m.strength!==void 0){
let l=m.strength;const P=e;if(!(l==="faint"||l==="middle"||l==="strong"))return B.errors=[{instancePath:i+"/aids/strengt\
h",schemaPath:"#/properties/aids/properties/strength/enum",keyword:"enum",params:{allowedValues:ne.properties.aids.properties.
strength.enum}}],!1;var g=P===e}else var g=!0}}}}}}else return B.errors=[{instancePath:i+"/aids",schemaPath:"#/propertie\
s/aids/type",keyword:"type",params:{type:"object"}}],!1;var a=F===e}else var a=!0;if(a){if(s.focusing!==void 0){let m=s.
focusing;const F=e;if(e===F)if(m&&typeof m=="object"&&!Array.isArray(m)){let x;if(m.unit===void 0&&(x="unit")||m.loupeZoom===
void 0&&(x="loupeZoom")||m.loupeWithFocus===void 0&&(x="loupeWithFocus")||m.beforeCapture===void 0&&(x="beforeCapture"))
return B.errors=[{instancePath:i+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:x}}],
!1;{const c=e;for(const l in m)if(!(l==="unit"||l==="loupeZoom"||l==="loupeWithFocus"||l==="beforeCapture")){return B.errors=
[{instancePath:i+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:l}}],!1;break}if(c===e){if(m.unit!==void 0){let l=m.unit;const P=e;if(!(l==="m"||l==="ft"))return B.errors=
[{instancePath:i+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:ne.
properties.focusing.properties.unit.enum}}],!1;var T=P===e}else var T=!0;if(T){if(m.loupeZoom!==void 0){let l=m.loupeZoom;
const P=e;if(!(l===1||l===2))return B.errors=[{instancePath:i+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:ne.properties.focusing.properties.loupeZoom.enum}}],!1;var T=P===
e}else var T=!0;if(T){if(m.loupeWithFocus!==void 0){const l=e;if(typeof m.loupeWithFocus!="boolean")return B.errors=[{instancePath:i+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var T=l===e}else var T=!0;if(T)if(m.beforeCapture!==void 0){const l=e;if(typeof m.beforeCapture!="boolean")
return B.errors=[{instancePath:i+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var T=l===e}else var T=!0}}}}}else return B.errors=[{instancePath:i+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var a=F===e}else var a=!0;if(a){
if(s.delaySound!==void 0){const m=e;if(typeof s.delaySound!="boolean")return B.errors=[{instancePath:i+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var a=m===e}else var a=!0;if(a){if(s.lightAhead!==
void 0){let m=s.lightAhead;const F=e;if(!(m==="fitting"||m==="always"||m==="never"))return B.errors=[{instancePath:i+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:ne.properties.lightAhead.enum}}],
!1;var a=F===e}else var a=!0;if(a)if(s.naming!==void 0){let m=s.naming;const F=e;if(e===F)if(m&&typeof m=="object"&&!Array.
isArray(m)){let x;if(m.pattern===void 0&&(x="pattern")||m.count===void 0&&(x="count"))return B.errors=[{instancePath:i+"\
/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:x}}],!1;{const c=e;for(const l in m)
if(!(l==="pattern"||l==="count")){return B.errors=[{instancePath:i+"/naming",schemaPath:"#/properties/naming/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(c===e){if(m.pattern!==void 0){let l=m.
pattern;const P=e;if(e===P)if(typeof l=="string"){if(te(l)>80)return B.errors=[{instancePath:i+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{limit:80}}],!1}else return B.errors=[{instancePath:i+
"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var w=P===
e}else var w=!0;if(w)if(m.count!==void 0){let l=m.count;const P=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))
return B.errors=[{instancePath:i+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{
type:"integer"}}],!1;if(e===P&&typeof l=="number"&&isFinite(l)){if(l>1e9||isNaN(l))return B.errors=[{instancePath:i+"/na\
ming/count",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],
!1;if(l<1||isNaN(l))return B.errors=[{instancePath:i+"/naming/count",schemaPath:"#/properties/naming/properties/count/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var w=P===e}else var w=!0}}}else return B.errors=[{instancePath:i+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var a=F===e}else var a=!0}}}}}}}}}else
return B.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return B.errors=r,e===0}
const Le=Q,ue={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},camera:{enum:["simulated","browser","file"]},place:{type:"string",maxLength:200},
origin:{enum:["raw","video-frame","photo","photo-remade","average","opened","combined"]},timeS:{type:["number","null"]},
iso:{type:["number","null"]},compClicks:{type:["number","null"]},lens:{type:["string","null"],maxLength:64},focusDioptres:{
type:["number","null"]},white:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number"},tint:{type:"number"}},
required:["kelvin","tint"],additionalProperties:!1}]},clippedShare:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,
items:{type:"number",minimum:0,maximum:1}}]},width:{type:"integer",minimum:0},height:{type:"integer",minimum:0},average:{
oneOf:[{type:"null"},{type:"object",properties:{frames:{type:"integer",minimum:1},timesLess:{type:["number","null"]}},required:[
"frames","timesLess"],additionalProperties:!1}]},roll:{type:"string",maxLength:200},stem:{type:"string",minLength:1,maxLength:160},
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
xe=new RegExp("^[a-z0-9-]{8,64}$","u");function Q(s,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=s}={}){
let r=null,e=0;if(e===0)if(s&&typeof s=="object"&&!Array.isArray(s)){let E;if(s.version===void 0&&(E="version")||s.id===
void 0&&(E="id")||s.capturedAt===void 0&&(E="capturedAt")||s.camera===void 0&&(E="camera")||s.place===void 0&&(E="place")||
s.origin===void 0&&(E="origin")||s.timeS===void 0&&(E="timeS")||s.iso===void 0&&(E="iso")||s.compClicks===void 0&&(E="co\
mpClicks")||s.lens===void 0&&(E="lens")||s.focusDioptres===void 0&&(E="focusDioptres")||s.white===void 0&&(E="white")||s.
clippedShare===void 0&&(E="clippedShare")||s.width===void 0&&(E="width")||s.height===void 0&&(E="height")||s.average===void 0&&
(E="average")||s.roll===void 0&&(E="roll")||s.stem===void 0&&(E="stem")||s.series===void 0&&(E="series")||s.files===void 0&&
(E="files"))return Q.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:E}}],!1;
{const G=e;for(const p in s)if(!we.call(ue.properties,p)){return Q.errors=[{instancePath:i,schemaPath:"#/additionalPrope\
rties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(G===e){if(s.version!==void 0){const p=e;
if(s.version!==2)return Q.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:2}}],!1;var a=p===e}else var a=!0;if(a){if(s.id!==void 0){let p=s.id;const b=e;if(e===b)if(typeof p=="strin\
g"){if(!xe.test(p))return Q.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return Q.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=b===e}else var a=!0;if(a){if(s.capturedAt!==void 0){let p=s.capturedAt;const b=e;
if(e===b)if(typeof p=="number"&&isFinite(p)){if(p<0||isNaN(p))return Q.errors=[{instancePath:i+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return Q.errors=[{instancePath:i+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=b===e}else var a=!0;
if(a){if(s.camera!==void 0){let p=s.camera;const b=e;if(!(p==="simulated"||p==="browser"||p==="file"))return Q.errors=[{
instancePath:i+"/camera",schemaPath:"#/properties/camera/enum",keyword:"enum",params:{allowedValues:ue.properties.camera.
enum}}],!1;var a=b===e}else var a=!0;if(a){if(s.place!==void 0){let p=s.place;const b=e;if(e===b)if(typeof p=="string"){
if(te(p)>200)return Q.errors=[{instancePath:i+"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return Q.errors=[{instancePath:i+"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{
type:"string"}}],!1;var a=b===e}else var a=!0;if(a){if(s.origin!==void 0){let p=s.origin;const b=e;if(!(p==="raw"||p==="\
video-frame"||p==="photo"||p==="photo-remade"||p==="average"||p==="opened"||p==="combined"))return Q.errors=[{instancePath:i+
"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues:ue.properties.origin.enum}}],!1;var a=b===
e}else var a=!0;if(a){if(s.timeS!==void 0){let p=s.timeS;const b=e;if(!(typeof p=="number"&&isFinite(p))&&p!==null)return Q.
errors=[{instancePath:i+"/timeS",schemaPath:"#/properties/timeS/type",keyword:"type",params:{type:ue.properties.timeS.type}}],
!1;var a=b===e}else var a=!0;if(a){if(s.iso!==void 0){let p=s.iso;const b=e;if(!(typeof p=="number"&&isFinite(p))&&p!==null)
return Q.errors=[{instancePath:i+"/iso",schemaPath:"#/properties/iso/type",keyword:"type",params:{type:ue.properties.iso.
type}}],!1;var a=b===e}else var a=!0;if(a){if(s.compClicks!==void 0){let p=s.compClicks;const b=e;if(!(typeof p=="number"&&
isFinite(p))&&p!==null)return Q.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"\
type",params:{type:ue.properties.compClicks.type}}],!1;var a=b===e}else var a=!0;if(a){if(s.lens!==void 0){let p=s.lens;
const b=e;if(typeof p!="string"&&p!==null)return Q.errors=[{instancePath:i+"/lens",schemaPath:"#/properties/lens/type",keyword:"\
type",params:{type:ue.properties.lens.type}}],!1;if(e===b&&typeof p=="string"&&te(p)>64)return Q.errors=[{instancePath:i+
"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",params:{limit:64}}],!1;var a=b===e}else var a=!0;if(a){
if(s.focusDioptres!==void 0){let p=s.focusDioptres;const b=e;if(!(typeof p=="number"&&isFinite(p))&&p!==null)return Q.errors=
[{instancePath:i+"/focusDioptres",schemaPath:"#/properties/focusDioptres/type",keyword:"type",params:{type:ue.properties.
focusDioptres.type}}],!1;var a=b===e}else var a=!0;if(a){if(s.white!==void 0){let p=s.white;const b=e,t=e;let v=!1,_=null;
const N=e;if(p!==null){const h={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"null"}};r===null?r=[h]:r.push(h),e++}var q=N===e;q&&(v=!0,_=0);const j=e;if(e===j)if(p&&typeof p=="object"&&!Array.
isArray(p)){let h;if(p.kelvin===void 0&&(h="kelvin")||p.tint===void 0&&(h="tint")){const ee={instancePath:i+"/white",schemaPath:"\
#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[ee]:r.push(ee),e++}else{
const ee=e;for(const o in p)if(!(o==="kelvin"||o==="tint")){const y={instancePath:i+"/white",schemaPath:"#/properties/wh\
ite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),
e++;break}if(ee===e){if(p.kelvin!==void 0){let o=p.kelvin;const y=e;if(!(typeof o=="number"&&isFinite(o))){const n={instancePath:i+
"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===
null?r=[n]:r.push(n),e++}var z=y===e}else var z=!0;if(z)if(p.tint!==void 0){let o=p.tint;const y=e;if(!(typeof o=="numbe\
r"&&isFinite(o))){const f={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"\
type",params:{type:"number"}};r===null?r=[f]:r.push(f),e++}var z=y===e}else var z=!0}}}else{const h={instancePath:i+"/wh\
ite",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var q=j===
e;if(q&&v?(v=!1,_=[_,1]):q&&(v=!0,_=1),v)e=t,r!==null&&(t?r.length=t:r=null);else{const h={instancePath:i+"/white",schemaPath:"\
#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:_}};return r===null?r=[h]:r.push(h),e++,Q.errors=r,!1}var a=b===
e}else var a=!0;if(a){if(s.clippedShare!==void 0){let p=s.clippedShare;const b=e,t=e;let v=!1,_=null;const N=e;if(p!==null){
const h={instancePath:i+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"\
null"}};r===null?r=[h]:r.push(h),e++}var J=N===e;J&&(v=!0,_=0);const j=e;if(e===j)if(Array.isArray(p))if(p.length>3){const h={
instancePath:i+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};
r===null?r=[h]:r.push(h),e++}else if(p.length<3){const h={instancePath:i+"/clippedShare",schemaPath:"#/properties/clippe\
dShare/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[h]:r.push(h),e++}else{var V=!0;const h=p.length;
for(let ee=0;ee<h;ee++){let o=p[ee];const y=e;if(e===y)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const f={instancePath:i+
"/clippedShare/"+ee,schemaPath:"#/properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:1}};r===null?r=[f]:r.push(f),e++}else if(o<0||isNaN(o)){const f={instancePath:i+"/clippedShare/"+ee,schemaPath:"\
#/properties/clippedShare/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[f]:r.push(
f),e++}}else{const f={instancePath:i+"/clippedShare/"+ee,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"\
type",params:{type:"number"}};r===null?r=[f]:r.push(f),e++}var V=y===e;if(!V)break}}else{const h={instancePath:i+"/clipp\
edShare",schemaPath:"#/properties/clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[h]:r.push(
h),e++}var J=j===e;if(J&&v?(v=!1,_=[_,1]):J&&(v=!0,_=1),v)e=t,r!==null&&(t?r.length=t:r=null);else{const h={instancePath:i+
"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:_}};return r===null?
r=[h]:r.push(h),e++,Q.errors=r,!1}var a=b===e}else var a=!0;if(a){if(s.width!==void 0){let p=s.width;const b=e;if(!(typeof p==
"number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))return Q.errors=[{instancePath:i+"/width",schemaPath:"#/properties/width/type",
keyword:"type",params:{type:"integer"}}],!1;if(e===b&&typeof p=="number"&&isFinite(p)&&(p<0||isNaN(p)))return Q.errors=[
{instancePath:i+"/width",schemaPath:"#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;
var a=b===e}else var a=!0;if(a){if(s.height!==void 0){let p=s.height;const b=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&
isFinite(p)))return Q.errors=[{instancePath:i+"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===b&&typeof p=="number"&&isFinite(p)&&(p<0||isNaN(p)))return Q.errors=[{instancePath:i+"/height",schemaPath:"\
#/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var a=b===e}else var a=!0;if(a){if(s.
average!==void 0){let p=s.average;const b=e,t=e;let v=!1,_=null;const N=e;if(p!==null){const h={instancePath:i+"/average",
schemaPath:"#/properties/average/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var S=N===
e;S&&(v=!0,_=0);const j=e;if(e===j)if(p&&typeof p=="object"&&!Array.isArray(p)){let h;if(p.frames===void 0&&(h="frames")||
p.timesLess===void 0&&(h="timesLess")){const ee={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/requ\
ired",keyword:"required",params:{missingProperty:h}};r===null?r=[ee]:r.push(ee),e++}else{const ee=e;for(const o in p)if(!(o===
"frames"||o==="timesLess")){const y={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}if(ee===e){if(p.frames!==
void 0){let o=p.frames;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const n={instancePath:i+"/ave\
rage/frames",schemaPath:"#/properties/average/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[n]:r.push(n),e++}if(e===y&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o))){const n={instancePath:i+"/average/f\
rames",schemaPath:"#/properties/average/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};
r===null?r=[n]:r.push(n),e++}var g=y===e}else var g=!0;if(g)if(p.timesLess!==void 0){let o=p.timesLess;const y=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null){const f={instancePath:i+"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/\
properties/timesLess/type",keyword:"type",params:{type:ue.properties.average.oneOf[1].properties.timesLess.type}};r===null?
r=[f]:r.push(f),e++}var g=y===e}else var g=!0}}}else{const h={instancePath:i+"/average",schemaPath:"#/properties/average\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var S=j===e;if(S&&v?(v=!1,_=[_,1]):S&&
(v=!0,_=1),v)e=t,r!==null&&(t?r.length=t:r=null);else{const h={instancePath:i+"/average",schemaPath:"#/properties/averag\
e/oneOf",keyword:"oneOf",params:{passingSchemas:_}};return r===null?r=[h]:r.push(h),e++,Q.errors=r,!1}var a=b===e}else var a=!0;
if(a){if(s.roll!==void 0){let p=s.roll;const b=e;if(e===b)if(typeof p=="string"){if(te(p)>200)return Q.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return Q.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var a=b===e}else var a=!0;if(a){if(s.
stem!==void 0){let p=s.stem;const b=e;if(e===b)if(typeof p=="string"){if(te(p)>160)return Q.errors=[{instancePath:i+"/st\
em",schemaPath:"#/properties/stem/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(te(p)<1)return Q.errors=[{instancePath:i+
"/stem",schemaPath:"#/properties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return Q.errors=[{instancePath:i+
"/stem",schemaPath:"#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var a=b===e}else var a=!0;if(a){if(s.
series!==void 0){let p=s.series;const b=e,t=e;let v=!1,_=null;const N=e;if(p!==null){const h={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var w=N===e;w&&(v=!0,
_=0);const j=e;if(e===j)if(p&&typeof p=="object"&&!Array.isArray(p)){let h;if(p.id===void 0&&(h="id")||p.kind===void 0&&
(h="kind")||p.step===void 0&&(h="step")||p.count===void 0&&(h="count")){const ee={instancePath:i+"/series",schemaPath:"#\
/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[ee]:r.push(ee),e++}else{
const ee=e;for(const o in p)if(!(o==="id"||o==="kind"||o==="step"||o==="count")){const y={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?
r=[y]:r.push(y),e++;break}if(ee===e){if(p.id!==void 0){let o=p.id;const y=e;if(e===y)if(typeof o=="string"){if(te(o)>64){
const n={instancePath:i+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[n]:r.push(n),e++}}else{const n={instancePath:i+"/series/id",schemaPath:"#/properties/seri\
es/oneOf/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[n]:r.push(n),e++}var T=y===e}else var T=!0;
if(T){if(p.kind!==void 0){let o=p.kind;const y=e;if(!(o==="single"||o==="bracket"||o==="burst"||o==="focus"||o==="interv\
al"||o==="long")){const f={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ue.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[f]:r.push(f),e++}var T=y===
e}else var T=!0;if(T){if(p.step!==void 0){let o=p.step;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){
const f={instancePath:i+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{
type:"integer"}};r===null?r=[f]:r.push(f),e++}if(e===y&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o))){const f={instancePath:i+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[f]:r.push(f),e++}var T=y===e}else var T=!0;if(T)if(p.count!==void 0){let o=p.count;const y=e;if(!(typeof o==
"number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const f={instancePath:i+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[f]:r.push(f),e++}if(e===y&&typeof o=="numb\
er"&&isFinite(o)&&(o<1||isNaN(o))){const f={instancePath:i+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[f]:r.push(f),e++}var T=y===e}else var T=!0}}}}}else{
const h={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[h]:r.push(h),e++}var w=j===e;if(w&&v?(v=!1,_=[_,1]):w&&(v=!0,_=1),v)e=t,r!==null&&(t?r.length=t:r=null);else{const h={
instancePath:i+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:_}};return r===null?
r=[h]:r.push(h),e++,Q.errors=r,!1}var a=b===e}else var a=!0;if(a){if(s.files!==void 0){let p=s.files;const b=e;if(e===b)
if(Array.isArray(p)){if(p.length>8)return Q.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/maxItems",keyword:"\
maxItems",params:{limit:8}}],!1;if(p.length<1)return Q.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var U=!0;const v=p.length;for(let _=0;_<v;_++){let N=p[_];const j=e;if(e===
j)if(N&&typeof N=="object"&&!Array.isArray(N)){let h;if(N.kind===void 0&&(h="kind")||N.name===void 0&&(h="name")||N.bytes===
void 0&&(h="bytes")||N.chunks===void 0&&(h="chunks"))return Q.errors=[{instancePath:i+"/files/"+_,schemaPath:"#/properti\
es/files/items/required",keyword:"required",params:{missingProperty:h}}],!1;{const ee=e;for(const o in N)if(!(o==="kind"||
o==="name"||o==="bytes"||o==="chunks")){return Q.errors=[{instancePath:i+"/files/"+_,schemaPath:"#/properties/files/item\
s/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(ee===e){if(N.kind!==void 0){
let o=N.kind;const y=e;if(!(o==="dng"||o==="jpeg"||o==="tiff"||o==="png"||o==="webp"||o==="avif"||o==="heic"||o==="raw"))
return Q.errors=[{instancePath:i+"/files/"+_+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ue.properties.files.items.properties.kind.enum}}],!1;var A=y===e}else var A=!0;if(A){if(N.name!==
void 0){let o=N.name;const y=e;if(e===y)if(typeof o=="string"){if(te(o)>160)return Q.errors=[{instancePath:i+"/files/"+_+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(te(
o)<1)return Q.errors=[{instancePath:i+"/files/"+_+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return Q.errors=[{instancePath:i+"/files/"+_+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var A=y===e}else var A=!0;if(A){if(N.bytes!==
void 0){let o=N.bytes;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return Q.errors=[{instancePath:i+
"/files/"+_+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===y&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o)))return Q.errors=[{instancePath:i+"/files/"+_+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var A=y===e}else
var A=!0;if(A)if(N.chunks!==void 0){let o=N.chunks;const y=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return Q.
errors=[{instancePath:i+"/files/"+_+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===y&&typeof o=="number"&&isFinite(o)){if(o>4096||isNaN(o))return Q.errors=[{instancePath:i+
"/files/"+_+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(o<1||isNaN(o))return Q.errors=[{instancePath:i+"/files/"+_+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var A=y===e}else var A=!0}}}}}else
return Q.errors=[{instancePath:i+"/files/"+_,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var U=j===e;if(!U)break}}}else return Q.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var a=b===e}else var a=!0;if(a){if(s.longestHandheldS!==void 0){let p=s.longestHandheldS;
const b=e;if(!(typeof p=="number"&&isFinite(p))&&p!==null)return Q.errors=[{instancePath:i+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:ue.properties.longestHandheldS.type}}],!1;var a=b===e}else
var a=!0;if(a){if(s.focusedAt!==void 0){let p=s.focusedAt;const b=e,t=e;let v=!1,_=null;const N=e;if(p!==null){const h={
instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[h]:r.push(h),e++}var F=N===e;F&&(v=!0,_=0);const j=e;if(e===j)if(p&&typeof p=="object"&&!Array.isArray(p)){let h;if(p.
x===void 0&&(h="x")||p.y===void 0&&(h="y")){const ee={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/one\
Of/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[ee]:r.push(ee),e++}else{const ee=e;for(const o in p)
if(!(o==="x"||o==="y")){const y={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}if(ee===e){if(p.x!==
void 0){let o=p.x;const y=e;if(e===y)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const n={instancePath:i+"/foc\
usedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[n]:r.push(n),e++}else if(o<0||isNaN(o)){const n={instancePath:i+"/focusedAt/x",schemaPath:"#/properties/focu\
sedAt/oneOf/1/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[n]:r.push(n),e++}}else{
const n={instancePath:i+"/focusedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/type",keyword:"type",params:{
type:"number"}};r===null?r=[n]:r.push(n),e++}var m=y===e}else var m=!0;if(m)if(p.y!==void 0){let o=p.y;const y=e;if(e===
y)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const f={instancePath:i+"/focusedAt/y",schemaPath:"#/properties/\
focusedAt/oneOf/1/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[f]:r.push(f),e++}else if(o<
0||isNaN(o)){const f={instancePath:i+"/focusedAt/y",schemaPath:"#/properties/focusedAt/oneOf/1/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[f]:r.push(f),e++}}else{const f={instancePath:i+"/focusedAt/y",schemaPath:"\
#/properties/focusedAt/oneOf/1/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[f]:r.push(f),e++}var m=y===
e}else var m=!0}}}else{const h={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/type",keyword:"ty\
pe",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var F=j===e;if(F&&v?(v=!1,_=[_,1]):F&&(v=!0,_=1),v)e=t,r!==null&&
(t?r.length=t:r=null);else{const h={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf",keyword:"oneOf",
params:{passingSchemas:_}};return r===null?r=[h]:r.push(h),e++,Q.errors=r,!1}var a=b===e}else var a=!0;if(a){if(s.combined!==
void 0){let p=s.combined;const b=e,t=e;let v=!1,_=null;const N=e;if(p!==null){const h={instancePath:i+"/combined",schemaPath:"\
#/properties/combined/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var X=N===e;X&&(v=
!0,_=0);const j=e;if(e===j)if(p&&typeof p=="object"&&!Array.isArray(p)){let h;if(p.sources===void 0&&(h="sources")||p.way===
void 0&&(h="way")||p.moved===void 0&&(h="moved")||p.finish===void 0&&(h="finish")||p.floating===void 0&&(h="floating")){
const ee={instancePath:i+"/combined",schemaPath:"#/properties/combined/oneOf/1/required",keyword:"required",params:{missingProperty:h}};
r===null?r=[ee]:r.push(ee),e++}else{const ee=e;for(const o in p)if(!(o==="sources"||o==="way"||o==="moved"||o==="painted"||
o==="finish"||o==="floating")){const y={instancePath:i+"/combined",schemaPath:"#/properties/combined/oneOf/1/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[y]:r.push(y),e++;break}if(ee===e){if(p.
sources!==void 0){let o=p.sources;const y=e;if(e===y)if(Array.isArray(o))if(o.length>5e3){const n={instancePath:i+"/comb\
ined/sources",schemaPath:"#/properties/combined/oneOf/1/properties/sources/maxItems",keyword:"maxItems",params:{limit:5e3}};
r===null?r=[n]:r.push(n),e++}else if(o.length<2){const n={instancePath:i+"/combined/sources",schemaPath:"#/properties/co\
mbined/oneOf/1/properties/sources/minItems",keyword:"minItems",params:{limit:2}};r===null?r=[n]:r.push(n),e++}else{var d=!0;
const n=o.length;for(let f=0;f<n;f++){let D=o[f];const u=e;if(e===u)if(typeof D=="string"){if(te(D)>64){const Z={instancePath:i+
"/combined/sources/"+f,schemaPath:"#/properties/combined/oneOf/1/properties/sources/items/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[Z]:r.push(Z),e++}}else{const Z={instancePath:i+"/combined/sources/"+f,schemaPath:"#/prope\
rties/combined/oneOf/1/properties/sources/items/type",keyword:"type",params:{type:"string"}};r===null?r=[Z]:r.push(Z),e++}
var d=u===e;if(!d)break}}else{const n={instancePath:i+"/combined/sources",schemaPath:"#/properties/combined/oneOf/1/prop\
erties/sources/type",keyword:"type",params:{type:"array"}};r===null?r=[n]:r.push(n),e++}var x=y===e}else var x=!0;if(x){
if(p.way!==void 0){let o=p.way;const y=e;if(!(o==="merge"||o==="fuse"||o==="focus"||o==="average"||o==="median"||o==="br\
ightest"||o==="stars"||o==="sum")){const f={instancePath:i+"/combined/way",schemaPath:"#/properties/combined/oneOf/1/pro\
perties/way/enum",keyword:"enum",params:{allowedValues:ue.properties.combined.oneOf[1].properties.way.enum}};r===null?r=
[f]:r.push(f),e++}var x=y===e}else var x=!0;if(x){if(p.moved!==void 0){let o=p.moved;const y=e;if(e===y)if(Array.isArray(
o))if(o.length>5e3){const f={instancePath:i+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/maxItems",keyword:"maxItems",params:{limit:5e3}};r===null?r=[f]:r.push(f),e++}else{var c=!0;const f=o.length;for(let D=0;D<
f;D++){let u=o[D];const H=e;if(e===H)if(u&&typeof u=="object"&&!Array.isArray(u)){let O;if(u.x===void 0&&(O="x")||u.y===
void 0&&(O="y")||u.frame===void 0&&(O="frame")){const L={instancePath:i+"/combined/moved/"+D,schemaPath:"#/properties/co\
mbined/oneOf/1/properties/moved/items/required",keyword:"required",params:{missingProperty:O}};r===null?r=[L]:r.push(L),
e++}else{const L=e;for(const k in u)if(!(k==="x"||k==="y"||k==="frame")){const C={instancePath:i+"/combined/moved/"+D,schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:k}};
r===null?r=[C]:r.push(C),e++;break}if(L===e){if(u.x!==void 0){let k=u.x;const C=e;if(e===C)if(typeof k=="number"&&isFinite(
k)){if(k>1||isNaN(k)){const Y={instancePath:i+"/combined/moved/"+D+"/x",schemaPath:"#/properties/combined/oneOf/1/proper\
ties/moved/items/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[Y]:r.push(Y),e++}else if(k<
0||isNaN(k)){const Y={instancePath:i+"/combined/moved/"+D+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/move\
d/items/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[Y]:r.push(Y),e++}}else{const Y={
instancePath:i+"/combined/moved/"+D+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/x/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[Y]:r.push(Y),e++}var l=C===e}else var l=!0;if(l){if(u.y!==void 0){
let k=u.y;const C=e;if(e===C)if(typeof k=="number"&&isFinite(k)){if(k>1||isNaN(k)){const M={instancePath:i+"/combined/mo\
ved/"+D+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/maximum",keyword:"maximum",params:{
comparison:"<=",limit:1}};r===null?r=[M]:r.push(M),e++}else if(k<0||isNaN(k)){const M={instancePath:i+"/combined/moved/"+
D+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[M]:r.push(M),e++}}else{const M={instancePath:i+"/combined/moved/"+D+"/y",schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/properties/y/type",keyword:"type",params:{type:"number"}};r===null?
r=[M]:r.push(M),e++}var l=C===e}else var l=!0;if(l)if(u.frame!==void 0){let k=u.frame;const C=e;if(!(typeof k=="number"&&
!(k%1)&&!isNaN(k)&&isFinite(k))){const M={instancePath:i+"/combined/moved/"+D+"/frame",schemaPath:"#/properties/combined\
/oneOf/1/properties/moved/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[M]:r.push(M),
e++}var l=C===e}else var l=!0}}}}else{const O={instancePath:i+"/combined/moved/"+D,schemaPath:"#/properties/combined/one\
Of/1/properties/moved/items/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var c=H===e;if(!c)
break}}else{const f={instancePath:i+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved/type",keyword:"\
type",params:{type:"array"}};r===null?r=[f]:r.push(f),e++}var x=y===e}else var x=!0;if(x){if(p.painted!==void 0){let o=p.
painted;const y=e;if(e===y)if(Array.isArray(o))if(o.length>2e4){const f={instancePath:i+"/combined/painted",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/maxItems",keyword:"maxItems",params:{limit:2e4}};r===null?r=[f]:r.push(
f),e++}else{var P=!0;const f=o.length;for(let D=0;D<f;D++){let u=o[D];const H=e;if(e===H)if(u&&typeof u=="object"&&!Array.
isArray(u)){let O;if(u.x===void 0&&(O="x")||u.y===void 0&&(O="y")||u.radius===void 0&&(O="radius")||u.frame===void 0&&(O=
"frame")){const L={instancePath:i+"/combined/painted/"+D,schemaPath:"#/properties/combined/oneOf/1/properties/painted/it\
ems/required",keyword:"required",params:{missingProperty:O}};r===null?r=[L]:r.push(L),e++}else{const L=e;for(const k in u)
if(!(k==="x"||k==="y"||k==="radius"||k==="frame")){const C={instancePath:i+"/combined/painted/"+D,schemaPath:"#/properti\
es/combined/oneOf/1/properties/painted/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:k}};
r===null?r=[C]:r.push(C),e++;break}if(L===e){if(u.x!==void 0){let k=u.x;const C=e;if(!(typeof k=="number"&&isFinite(k))){
const Y={instancePath:i+"/combined/painted/"+D+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/p\
roperties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[Y]:r.push(Y),e++}var R=C===e}else var R=!0;if(R){if(u.
y!==void 0){let k=u.y;const C=e;if(!(typeof k=="number"&&isFinite(k))){const M={instancePath:i+"/combined/painted/"+D+"/\
y",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/y/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[M]:r.push(M),e++}var R=C===e}else var R=!0;if(R){if(u.radius!==void 0){let k=u.radius;const C=e;if(e===
C)if(typeof k=="number"&&isFinite(k)){if(k>1||isNaN(k)){const M={instancePath:i+"/combined/painted/"+D+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[M]:r.push(M),e++}else if(k<0||isNaN(k)){const M={instancePath:i+"/combined/painted/"+D+"/radiu\
s",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/radius/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[M]:r.push(M),e++}}else{const M={instancePath:i+"/combined/painted/"+D+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/type",keyword:"type",params:{type:"number"}};r===
null?r=[M]:r.push(M),e++}var R=C===e}else var R=!0;if(R)if(u.frame!==void 0){let k=u.frame;const C=e;if(!(typeof k=="num\
ber"&&!(k%1)&&!isNaN(k)&&isFinite(k))){const M={instancePath:i+"/combined/painted/"+D+"/frame",schemaPath:"#/properties/\
combined/oneOf/1/properties/painted/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[M]:
r.push(M),e++}var R=C===e}else var R=!0}}}}}else{const O={instancePath:i+"/combined/painted/"+D,schemaPath:"#/properties\
/combined/oneOf/1/properties/painted/items/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var P=H===
e;if(!P)break}}else{const f={instancePath:i+"/combined/painted",schemaPath:"#/properties/combined/oneOf/1/properties/pai\
nted/type",keyword:"type",params:{type:"array"}};r===null?r=[f]:r.push(f),e++}var x=y===e}else var x=!0;if(x){if(p.finish!==
void 0){let o=p.finish;const y=e,n=e;let f=!1,D=null;const u=e;if(o!==null){const O={instancePath:i+"/combined/finish",schemaPath:"\
#/properties/combined/oneOf/1/properties/finish/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[O]:r.push(
O),e++}var I=u===e;I&&(f=!0,D=0);const H=e;if(e===H)if(o&&typeof o=="object"&&!Array.isArray(o)){let O;if(o.brightness===
void 0&&(O="brightness")||o.range===void 0&&(O="range")||o.detail===void 0&&(O="detail")){const L={instancePath:i+"/comb\
ined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/required",keyword:"required",params:{missingProperty:O}};
r===null?r=[L]:r.push(L),e++}else{const L=e;for(const k in o)if(!(k==="brightness"||k==="range"||k==="detail")){const C={
instancePath:i+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:k}};r===null?r=[C]:r.push(C),e++;break}if(L===e){if(o.brightness!==
void 0){let k=o.brightness;const C=e;if(!(typeof k=="number"&&isFinite(k))){const Y={instancePath:i+"/combined/finish/br\
ightness",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/brightness/type",keyword:"type",
params:{type:"number"}};r===null?r=[Y]:r.push(Y),e++}var W=C===e}else var W=!0;if(W){if(o.range!==void 0){let k=o.range;
const C=e;if(!(typeof k=="number"&&isFinite(k))){const M={instancePath:i+"/combined/finish/range",schemaPath:"#/properti\
es/combined/oneOf/1/properties/finish/oneOf/1/properties/range/type",keyword:"type",params:{type:"number"}};r===null?r=[
M]:r.push(M),e++}var W=C===e}else var W=!0;if(W)if(o.detail!==void 0){let k=o.detail;const C=e;if(!(typeof k=="number"&&
isFinite(k))){const M={instancePath:i+"/combined/finish/detail",schemaPath:"#/properties/combined/oneOf/1/properties/fin\
ish/oneOf/1/properties/detail/type",keyword:"type",params:{type:"number"}};r===null?r=[M]:r.push(M),e++}var W=C===e}else
var W=!0}}}}else{const O={instancePath:i+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var I=H===e;if(I&&f?(f=!1,D=[D,1]):I&&
(f=!0,D=1),f)e=n,r!==null&&(n?r.length=n:r=null);else{const O={instancePath:i+"/combined/finish",schemaPath:"#/propertie\
s/combined/oneOf/1/properties/finish/oneOf",keyword:"oneOf",params:{passingSchemas:D}};r===null?r=[O]:r.push(O),e++}var x=y===
e}else var x=!0;if(x)if(p.floating!==void 0){const o=e;if(typeof p.floating!="boolean"){const n={instancePath:i+"/combin\
ed/floating",schemaPath:"#/properties/combined/oneOf/1/properties/floating/type",keyword:"type",params:{type:"boolean"}};
r===null?r=[n]:r.push(n),e++}var x=o===e}else var x=!0}}}}}}}else{const h={instancePath:i+"/combined",schemaPath:"#/prop\
erties/combined/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var X=j===e;if(X&&v?(v=
!1,_=[_,1]):X&&(v=!0,_=1),v)e=t,r!==null&&(t?r.length=t:r=null);else{const h={instancePath:i+"/combined",schemaPath:"#/p\
roperties/combined/oneOf",keyword:"oneOf",params:{passingSchemas:_}};return r===null?r=[h]:r.push(h),e++,Q.errors=r,!1}var a=b===
e}else var a=!0;if(a)if(s.words!==void 0){let p=s.words;const b=e;if(e===b)if(p&&typeof p=="object"&&!Array.isArray(p)){
let v;if(p.source===void 0&&(v="source")||p.summary===void 0&&(v="summary"))return Q.errors=[{instancePath:i+"/words",schemaPath:"\
#/properties/words/required",keyword:"required",params:{missingProperty:v}}],!1;{const _=e;for(const N in p)if(!(N==="so\
urce"||N==="summary")){return Q.errors=[{instancePath:i+"/words",schemaPath:"#/properties/words/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:N}}],!1;break}if(_===e){if(p.source!==void 0){let N=p.source;const j=e;
if(e===j)if(typeof N=="string"){if(te(N)>200)return Q.errors=[{instancePath:i+"/words/source",schemaPath:"#/properties/w\
ords/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return Q.errors=[{instancePath:i+"/wo\
rds/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var oe=j===
e}else var oe=!0;if(oe)if(p.summary!==void 0){let N=p.summary;const j=e;if(e===j)if(typeof N=="string"){if(te(N)>200)return Q.
errors=[{instancePath:i+"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",
params:{limit:200}}],!1}else return Q.errors=[{instancePath:i+"/words/summary",schemaPath:"#/properties/words/properties\
/summary/type",keyword:"type",params:{type:"string"}}],!1;var oe=j===e}else var oe=!0}}}else return Q.errors=[{instancePath:i+
"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var a=b===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}}else
return Q.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return Q.errors=r,e===0}
const Ve=ie,Se={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,\
64}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{
type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif",
"heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,
maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^da\
ta:image/jpeg;base64,"}},required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},
je=new RegExp("^data:image/jpeg;base64,","u");function ie(s,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=s}={}){
let r=null,e=0;if(e===0)if(s&&typeof s=="object"&&!Array.isArray(s)){let V;if(s.version===void 0&&(V="version")||s.id===
void 0&&(V="id")||s.capturedAt===void 0&&(V="capturedAt")||s.source===void 0&&(V="source")||s.summary===void 0&&(V="summ\
ary")||s.files===void 0&&(V="files")||s.thumbnail===void 0&&(V="thumbnail"))return ie.errors=[{instancePath:i,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:V}}],!1;{const J=e;for(const g in s)if(!(g==="version"||g==="id"||
g==="capturedAt"||g==="source"||g==="summary"||g==="files"||g==="thumbnail")){return ie.errors=[{instancePath:i,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:g}}],!1;break}if(J===e){if(s.version!==
void 0){const g=e;if(s.version!==1)return ie.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",
keyword:"const",params:{allowedValue:1}}],!1;var a=g===e}else var a=!0;if(a){if(s.id!==void 0){let g=s.id;const S=e;if(e===
S)if(typeof g=="string"){if(!xe.test(g))return ie.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/pattern",keyword:"\
pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return ie.errors=[{instancePath:i+"/id",schemaPath:"#/properties\
/id/type",keyword:"type",params:{type:"string"}}],!1;var a=S===e}else var a=!0;if(a){if(s.capturedAt!==void 0){let g=s.capturedAt;
const S=e;if(e===S)if(typeof g=="number"&&isFinite(g)){if(g<0||isNaN(g))return ie.errors=[{instancePath:i+"/capturedAt",
schemaPath:"#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return ie.errors=
[{instancePath:i+"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=S===
e}else var a=!0;if(a){if(s.source!==void 0){let g=s.source;const S=e;if(e===S)if(typeof g=="string"){if(te(g)>200)return ie.
errors=[{instancePath:i+"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return ie.errors=[{instancePath:i+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],
!1;var a=S===e}else var a=!0;if(a){if(s.summary!==void 0){let g=s.summary;const S=e;if(e===S)if(typeof g=="string"){if(te(
g)>200)return ie.errors=[{instancePath:i+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return ie.errors=[{instancePath:i+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",
params:{type:"string"}}],!1;var a=S===e}else var a=!0;if(a){if(s.files!==void 0){let g=s.files;const S=e;if(e===S)if(Array.
isArray(g)){if(g.length>8)return ie.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/maxItems",keyword:"m\
axItems",params:{limit:8}}],!1;if(g.length<1)return ie.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var z=!0;const w=g.length;for(let U=0;U<w;U++){let A=g[U];const m=e;if(e===
m)if(A&&typeof A=="object"&&!Array.isArray(A)){let d;if(A.kind===void 0&&(d="kind")||A.name===void 0&&(d="name")||A.bytes===
void 0&&(d="bytes")||A.chunks===void 0&&(d="chunks"))return ie.errors=[{instancePath:i+"/files/"+U,schemaPath:"#/propert\
ies/files/items/required",keyword:"required",params:{missingProperty:d}}],!1;{const x=e;for(const c in A)if(!(c==="kind"||
c==="name"||c==="bytes"||c==="chunks")){return ie.errors=[{instancePath:i+"/files/"+U,schemaPath:"#/properties/files/ite\
ms/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:c}}],!1;break}if(x===e){if(A.kind!==void 0){
let c=A.kind;const l=e;if(!(c==="dng"||c==="jpeg"||c==="tiff"||c==="png"||c==="webp"||c==="avif"||c==="heic"||c==="raw"))
return ie.errors=[{instancePath:i+"/files/"+U+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:Se.properties.files.items.properties.kind.enum}}],!1;var q=l===e}else var q=!0;if(q){if(A.name!==
void 0){let c=A.name;const l=e;if(e===l)if(typeof c=="string"){if(te(c)>160)return ie.errors=[{instancePath:i+"/files/"+
U+"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(te(
c)<1)return ie.errors=[{instancePath:i+"/files/"+U+"/name",schemaPath:"#/properties/files/items/properties/name/minLengt\
h",keyword:"minLength",params:{limit:1}}],!1}else return ie.errors=[{instancePath:i+"/files/"+U+"/name",schemaPath:"#/pr\
operties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var q=l===e}else var q=!0;if(q){if(A.
bytes!==void 0){let c=A.bytes;const l=e;if(!(typeof c=="number"&&!(c%1)&&!isNaN(c)&&isFinite(c)))return ie.errors=[{instancePath:i+
"/files/"+U+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===l&&typeof c=="number"&&isFinite(c)&&(c<1||isNaN(c)))return ie.errors=[{instancePath:i+"/files/"+U+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var q=l===e}else
var q=!0;if(q)if(A.chunks!==void 0){let c=A.chunks;const l=e;if(!(typeof c=="number"&&!(c%1)&&!isNaN(c)&&isFinite(c)))return ie.
errors=[{instancePath:i+"/files/"+U+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===l&&typeof c=="number"&&isFinite(c)){if(c>4096||isNaN(c))return ie.errors=[{instancePath:i+
"/files/"+U+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(c<1||isNaN(c))return ie.errors=[{instancePath:i+"/files/"+U+"/chunks",schemaPath:"#/properties/f\
iles/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var q=l===e}else var q=!0}}}}}else
return ie.errors=[{instancePath:i+"/files/"+U,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"ob\
ject"}}],!1;var z=m===e;if(!z)break}}}else return ie.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/typ\
e",keyword:"type",params:{type:"array"}}],!1;var a=S===e}else var a=!0;if(a)if(s.thumbnail!==void 0){let g=s.thumbnail;const S=e;
if(e===S)if(typeof g=="string"){if(!je.test(g))return ie.errors=[{instancePath:i+"/thumbnail",schemaPath:"#/properties/t\
humbnail/pattern",keyword:"pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return ie.errors=[{instancePath:i+
"/thumbnail",schemaPath:"#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var a=S===e}else var a=!0}}}}}}}}else
return ie.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ie.errors=r,e===
0}const De=me,_e={$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},
{type:"array",minItems:3,maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},
measuredAt:{type:["number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,
maximum:30}},required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function me(s,{
instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=s}={}){let r=null,e=0;if(e===0)if(s&&typeof s=="object"&&
!Array.isArray(s)){let J;if(s.version===void 0&&(J="version")||s.response===void 0&&(J="response")||s.measuredAt===void 0&&
(J="measuredAt")||s.greyStops===void 0&&(J="greyStops")||s.evOffset===void 0&&(J="evOffset"))return me.errors=[{instancePath:i,
schemaPath:"#/required",keyword:"required",params:{missingProperty:J}}],!1;{const g=e;for(const S in s)if(!(S==="version"||
S==="response"||S==="measuredAt"||S==="greyStops"||S==="evOffset")){return me.errors=[{instancePath:i,schemaPath:"#/addi\
tionalProperties",keyword:"additionalProperties",params:{additionalProperty:S}}],!1;break}if(g===e){if(s.version!==void 0){
const S=e;if(s.version!==1)return me.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:1}}],!1;var a=S===e}else var a=!0;if(a){if(s.response!==void 0){let S=s.response;const T=e,w=e;
let U=!1,A=null;const m=e;if(S!==null){const x={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/0/typ\
e",keyword:"type",params:{type:"null"}};r===null?r=[x]:r.push(x),e++}var V=m===e;V&&(U=!0,A=0);const F=e;if(e===F)if(Array.
isArray(S))if(S.length>3){const x={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:3}};r===null?r=[x]:r.push(x),e++}else if(S.length<3){const x={instancePath:i+"/response",schemaPath:"\
#/properties/response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[x]:r.push(x),e++}else{var z=!0;
const x=S.length;for(let c=0;c<x;c++){let l=S[c];const P=e;if(e===P)if(Array.isArray(l))if(l.length>256){const W={instancePath:i+
"/response/"+c,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?
r=[W]:r.push(W),e++}else if(l.length<256){const W={instancePath:i+"/response/"+c,schemaPath:"#/properties/response/oneOf\
/1/items/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[W]:r.push(W),e++}else{var q=!0;const W=l.length;for(let I=0;I<
W;I++){let X=l[I];const oe=e;if(e===oe)if(typeof X=="number"&&isFinite(X)){if(X>1||isNaN(X)){const G={instancePath:i+"/r\
esponse/"+c+"/"+I,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:1}};r===null?r=[G]:r.push(G),e++}else if(X<0||isNaN(X)){const G={instancePath:i+"/response/"+c+"/"+I,schemaPath:"\
#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[G]:r.
push(G),e++}}else{const G={instancePath:i+"/response/"+c+"/"+I,schemaPath:"#/properties/response/oneOf/1/items/items/typ\
e",keyword:"type",params:{type:"number"}};r===null?r=[G]:r.push(G),e++}var q=oe===e;if(!q)break}}else{const W={instancePath:i+
"/response/"+c,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[W]:
r.push(W),e++}var z=P===e;if(!z)break}}else{const x={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/\
1/type",keyword:"type",params:{type:"array"}};r===null?r=[x]:r.push(x),e++}var V=F===e;if(V&&U?(U=!1,A=[A,1]):V&&(U=!0,A=
1),U)e=w,r!==null&&(w?r.length=w:r=null);else{const x={instancePath:i+"/response",schemaPath:"#/properties/response/oneO\
f",keyword:"oneOf",params:{passingSchemas:A}};return r===null?r=[x]:r.push(x),e++,me.errors=r,!1}var a=T===e}else var a=!0;
if(a){if(s.measuredAt!==void 0){let S=s.measuredAt;const T=e;if(!(typeof S=="number"&&isFinite(S))&&S!==null)return me.errors=
[{instancePath:i+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:_e.properties.measuredAt.
type}}],!1;var a=T===e}else var a=!0;if(a){if(s.greyStops!==void 0){let S=s.greyStops;const T=e;if(e===T)if(typeof S=="n\
umber"&&isFinite(S)){if(S>4||isNaN(S))return me.errors=[{instancePath:i+"/greyStops",schemaPath:"#/properties/greyStops/\
maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(S<-4||isNaN(S))return me.errors=[{instancePath:i+"/g\
reyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return me.
errors=[{instancePath:i+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;
var a=T===e}else var a=!0;if(a)if(s.evOffset!==void 0){let S=s.evOffset;const T=e;if(!(typeof S=="number"&&isFinite(S))&&
S!==null)return me.errors=[{instancePath:i+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:_e.
properties.evOffset.type}}],!1;if(e===T&&typeof S=="number"&&isFinite(S)){if(S>30||isNaN(S))return me.errors=[{instancePath:i+
"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(S<-30||
isNaN(S))return me.errors=[{instancePath:i+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{
comparison:">=",limit:-30}}],!1}var a=T===e}else var a=!0}}}}}}else return me.errors=[{instancePath:i,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return me.errors=r,e===0}const He=Pe,Ie={$id:"velmo/camera-choice/1",oneOf:[{
type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},
{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{
type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"\
integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function Pe(s,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=s}={}){
let r=null,e=0;const a=e;let z=!1,q=null;const V=e;if(e===V)if(s&&typeof s=="object"&&!Array.isArray(s)){let A;if(s.device===
void 0&&(A="device")||s.scene===void 0&&(A="scene")){const m={instancePath:i,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:A}};r===null?r=[m]:r.push(m),e++}else{const m=e;for(const F in s)if(!(F==="device"||F===
"scene")){const d={instancePath:i,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:F}};
r===null?r=[d]:r.push(d),e++;break}if(m===e){if(s.device!==void 0){const F=e;if(s.device!=="simulated"){const d={instancePath:i+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
d]:r.push(d),e++}var J=F===e}else var J=!0;if(J)if(s.scene!==void 0){let F=s.scene;const d=e;if(e===d)if(typeof F=="stri\
ng"){if(te(F)>64){const c={instancePath:i+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:i+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[c]:r.push(c),e++}var J=d===e}else var J=!0}}}else{const A={
instancePath:i,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[A]:r.push(A),e++}var U=V===
e;U&&(z=!0,q=0);const g=e;if(e===g)if(s&&typeof s=="object"&&!Array.isArray(s)){let A;if(s.device===void 0&&(A="device")){
const m={instancePath:i,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:A}};r===null?r=[m]:r.
push(m),e++}else{const m=e;for(const F in s)if(!(F==="device"||F==="camera"||F==="size")){const d={instancePath:i,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:F}};r===null?r=[d]:r.push(d),e++;
break}if(m===e){if(s.device!==void 0){const F=e;if(s.device!=="browser"){const d={instancePath:i+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[d]:r.push(d),e++}var S=F===
e}else var S=!0;if(S){if(s.camera!==void 0){let F=s.camera;const d=e;if(e===d)if(F&&typeof F=="object"&&!Array.isArray(F)){
let c;if(F.id===void 0&&(c="id")||F.label===void 0&&(c="label")){const l={instancePath:i+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:c}};r===null?r=[l]:r.push(l),e++}else{const l=e;
for(const P in F)if(!(P==="id"||P==="label")){const R={instancePath:i+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:P}};r===null?r=[R]:r.push(R),e++;break}if(l===
e){if(F.id!==void 0){let P=F.id;const R=e;if(e===R)if(typeof P=="string"){if(te(P)>512){const W={instancePath:i+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[W]:r.push(W),e++}}else{const W={instancePath:i+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[W]:r.push(W),e++}var T=R===e}else var T=!0;if(T)if(F.label!==void 0){
let P=F.label;const R=e;if(e===R)if(typeof P=="string"){if(te(P)>512){const I={instancePath:i+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[I]:r.push(I),
e++}}else{const I={instancePath:i+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[I]:r.push(I),e++}var T=R===e}else var T=!0}}}else{const c={instancePath:i+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}
var S=d===e}else var S=!0;if(S)if(s.size!==void 0){let F=s.size;const d=e;if(e===d)if(F&&typeof F=="object"&&!Array.isArray(
F)){let c;if(F.width===void 0&&(c="width")||F.height===void 0&&(c="height")){const l={instancePath:i+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:c}};r===null?r=[l]:r.push(l),e++}else{const l=e;
for(const P in F)if(!(P==="width"||P==="height")){const R={instancePath:i+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:P}};r===null?r=[R]:r.push(R),e++;break}if(l===
e){if(F.width!==void 0){let P=F.width;const R=e;if(!(typeof P=="number"&&!(P%1)&&!isNaN(P)&&isFinite(P))){const W={instancePath:i+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[W]:r.push(W),e++}if(e===R&&typeof P=="number"&&isFinite(P)){if(P>16384||isNaN(P)){const W={instancePath:i+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[W]:r.push(W),e++}else if(P<16||isNaN(P)){const W={instancePath:i+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[W]:r.push(W),e++}}var w=R===
e}else var w=!0;if(w)if(F.height!==void 0){let P=F.height;const R=e;if(!(typeof P=="number"&&!(P%1)&&!isNaN(P)&&isFinite(
P))){const I={instancePath:i+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[I]:r.push(I),e++}if(e===R&&typeof P=="number"&&isFinite(P)){if(P>16384||isNaN(P)){const I={
instancePath:i+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[I]:r.push(I),e++}else if(P<16||isNaN(P)){const I={instancePath:i+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[I]:r.push(I),e++}}var w=R===e}else var w=!0}}}else{const c={instancePath:i+"/size",schemaPath:"#/oneOf/1/propert\
ies/size/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}var S=d===e}else var S=!0}}}}else{const A={
instancePath:i,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[A]:r.push(A),e++}var U=g===
e;if(U&&z?(z=!1,q=[q,1]):U&&(z=!0,q=1),z)e=a,r!==null&&(a?r.length=a:r=null);else{const A={instancePath:i,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?r=[A]:r.push(A),e++,Pe.errors=r,!1}return Pe.errors=r,
e===0}const Ee=se,Ne={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]},reframe:{type:"object",properties:{quarters:{enum:[0,1,2,3]},tilt:{type:"integer",
minimum:-450,maximum:450},crop:{type:"object",properties:{x:{type:"number",minimum:-1,maximum:2},y:{type:"number",minimum:-1,
maximum:2},width:{type:"number",minimum:.001,maximum:2},height:{type:"number",minimum:.001,maximum:2}},required:["x","y",
"width","height"],additionalProperties:!1}},required:["quarters","tilt","crop"],additionalProperties:!1}},required:["ver\
sion","roll","choice"],additionalProperties:!1};function se(s,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=s}={}){
let r=null,e=0;if(e===0)if(s&&typeof s=="object"&&!Array.isArray(s)){let V;if(s.version===void 0&&(V="version")||s.roll===
void 0&&(V="roll")||s.choice===void 0&&(V="choice"))return se.errors=[{instancePath:i,schemaPath:"#/required",keyword:"r\
equired",params:{missingProperty:V}}],!1;{const J=e;for(const g in s)if(!(g==="version"||g==="roll"||g==="choice"||g==="\
reframe")){return se.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:g}}],!1;break}if(J===e){if(s.version!==void 0){const g=e;if(s.version!==1)return se.errors=[{instancePath:i+
"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=g===e}else var a=!0;
if(a){if(s.roll!==void 0){let g=s.roll;const S=e;if(e===S)if(typeof g=="string"){if(te(g)>200)return se.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return se.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var a=S===e}else var a=!0;if(a){if(s.
choice!==void 0){let g=s.choice;const S=e;if(!(g==="kept"||g==="dropped"||g===null))return se.errors=[{instancePath:i+"/\
choice",schemaPath:"#/properties/choice/enum",keyword:"enum",params:{allowedValues:Ne.properties.choice.enum}}],!1;var a=S===
e}else var a=!0;if(a)if(s.reframe!==void 0){let g=s.reframe;const S=e;if(e===S)if(g&&typeof g=="object"&&!Array.isArray(
g)){let w;if(g.quarters===void 0&&(w="quarters")||g.tilt===void 0&&(w="tilt")||g.crop===void 0&&(w="crop"))return se.errors=
[{instancePath:i+"/reframe",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:w}}],!1;
{const U=e;for(const A in g)if(!(A==="quarters"||A==="tilt"||A==="crop")){return se.errors=[{instancePath:i+"/reframe",schemaPath:"\
#/properties/reframe/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:A}}],!1;break}if(U===
e){if(g.quarters!==void 0){let A=g.quarters;const m=e;if(!(A===0||A===1||A===2||A===3))return se.errors=[{instancePath:i+
"/reframe/quarters",schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:Ne.properties.
reframe.properties.quarters.enum}}],!1;var z=m===e}else var z=!0;if(z){if(g.tilt!==void 0){let A=g.tilt;const m=e;if(!(typeof A==
"number"&&!(A%1)&&!isNaN(A)&&isFinite(A)))return se.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"#/properties/ref\
rame/properties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===m&&typeof A=="number"&&isFinite(A)){if(A>450||
isNaN(A))return se.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:450}}],!1;if(A<-450||isNaN(A))return se.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var z=m===e}else
var z=!0;if(z)if(g.crop!==void 0){let A=g.crop;const m=e;if(e===m)if(A&&typeof A=="object"&&!Array.isArray(A)){let d;if(A.
x===void 0&&(d="x")||A.y===void 0&&(d="y")||A.width===void 0&&(d="width")||A.height===void 0&&(d="height"))return se.errors=
[{instancePath:i+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:d}}],
!1;{const x=e;for(const c in A)if(!(c==="x"||c==="y"||c==="width"||c==="height")){return se.errors=[{instancePath:i+"/re\
frame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:c}}],!1;break}if(x===e){if(A.x!==void 0){let c=A.x;const l=e;if(e===l)if(typeof c=="number"&&isFinite(
c)){if(c>2||isNaN(c))return se.errors=[{instancePath:i+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/cro\
p/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(c<-1||isNaN(c))return se.errors=[{instancePath:i+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return se.errors=[{instancePath:i+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/\
crop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var q=l===e}else var q=!0;if(q){if(A.y!==void 0){let c=A.
y;const l=e;if(e===l)if(typeof c=="number"&&isFinite(c)){if(c>2||isNaN(c))return se.errors=[{instancePath:i+"/reframe/cr\
op/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(c<-1||isNaN(c))return se.errors=[{instancePath:i+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/cro\
p/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return se.errors=[{instancePath:i+
"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"numbe\
r"}}],!1;var q=l===e}else var q=!0;if(q){if(A.width!==void 0){let c=A.width;const l=e;if(e===l)if(typeof c=="number"&&isFinite(
c)){if(c>2||isNaN(c))return se.errors=[{instancePath:i+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties\
/crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(c<.001||isNaN(c))return se.errors=
[{instancePath:i+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return se.errors=[{instancePath:i+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var q=l===e}else var q=!0;
if(q)if(A.height!==void 0){let c=A.height;const l=e;if(e===l)if(typeof c=="number"&&isFinite(c)){if(c>2||isNaN(c))return se.
errors=[{instancePath:i+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(c<.001||isNaN(c))return se.errors=[{instancePath:i+"/refra\
me/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return se.errors=[{instancePath:i+"/reframe/crop/height",schemaPath:"#/properties/reframe/prop\
erties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var q=l===e}else var q=!0}}}}}else return se.
errors=[{instancePath:i+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var z=m===e}else var z=!0}}}}else return se.errors=[{instancePath:i+"/reframe",schemaPath:"#/properties/re\
frame/type",keyword:"type",params:{type:"object"}}],!1;var a=S===e}else var a=!0}}}}}else return se.errors=[{instancePath:i,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return se.errors=r,e===0}const Ue=fe,$e={$id:"velmo/roll/\
1",type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function fe(s,{
instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=s}={}){let r=null,e=0;if(e===0)if(s&&typeof s=="object"&&
!Array.isArray(s)){let z;if(s.version===void 0&&(z="version")||s.id===void 0&&(z="id")||s.name===void 0&&(z="name")||s.madeAt===
void 0&&(z="madeAt"))return fe.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:z}}],
!1;{const q=e;for(const V in s)if(!(V==="version"||V==="id"||V==="name"||V==="madeAt")){return fe.errors=[{instancePath:i,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:V}}],!1;break}if(q===e){if(s.
version!==void 0){const V=e;if(s.version!==1)return fe.errors=[{instancePath:i+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var a=V===e}else var a=!0;if(a){if(s.id!==void 0){let V=s.id;const J=e;
if(e===J)if(typeof V=="string"){if(te(V)>200)return fe.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(te(V)<1)return fe.errors=[{instancePath:i+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return fe.errors=[{instancePath:i+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var a=J===e}else var a=!0;if(a){if(s.name!==void 0){let V=s.
name;const J=e;if(e===J)if(typeof V=="string"){if(te(V)>40)return fe.errors=[{instancePath:i+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(te(V)<1)return fe.errors=[{instancePath:i+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return fe.errors=[{instancePath:i+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var a=J===e}else var a=!0;if(a)if(s.madeAt!==void 0){
let V=s.madeAt;const J=e;if(e===J)if(typeof V=="number"&&isFinite(V)){if(V<0||isNaN(V))return fe.errors=[{instancePath:i+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return fe.
errors=[{instancePath:i+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var a=J===
e}else var a=!0}}}}}else return fe.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return fe.errors=r,e===0}const Qe=ve,Ze={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function ve(s,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=s}={}){let r=null,e=0;if(e===0)if(s&&typeof s==
"object"&&!Array.isArray(s)){let z;if(s.version===void 0&&(z="version")||s.clips===void 0&&(z="clips")||s.zebra===void 0&&
(z="zebra")||s.edges===void 0&&(z="edges"))return ve.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",
params:{missingProperty:z}}],!1;{const q=e;for(const V in s)if(!(V==="version"||V==="clips"||V==="zebra"||V==="edges")){
return ve.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:V}}],
!1;break}if(q===e){if(s.version!==void 0){const V=e;if(s.version!==1)return ve.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=V===e}else var a=!0;if(a){if(s.clips!==void 0){
const V=e;if(typeof s.clips!="boolean")return ve.errors=[{instancePath:i+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var a=V===e}else var a=!0;if(a){if(s.zebra!==void 0){const V=e;if(typeof s.zebra!="bo\
olean")return ve.errors=[{instancePath:i+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var a=V===e}else var a=!0;if(a)if(s.edges!==void 0){const V=e;if(typeof s.edges!="boolean")return ve.errors=[
{instancePath:i+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var a=V===e}else
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
required:["version","id","name","parts","settings","monitors"],additionalProperties:!1},qe=new RegExp("^[a-z0-9-]{1,40}$",
"u"),ze=new RegExp("\\S","u");function re(s,{instancePath:i="",parentData:ye,parentDataProperty:he,rootData:de=s}={}){let r=null,
e=0;if(e===0)if(s&&typeof s=="object"&&!Array.isArray(s)){let S;if(s.version===void 0&&(S="version")||s.id===void 0&&(S=
"id")||s.name===void 0&&(S="name")||s.parts===void 0&&(S="parts")||s.settings===void 0&&(S="settings")||s.monitors===void 0&&
(S="monitors"))return re.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:S}}],
!1;{const T=e;for(const w in s)if(!(w==="version"||w==="id"||w==="name"||w==="parts"||w==="settings"||w==="monitors")){return re.
errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:w}}],
!1;break}if(T===e){if(s.version!==void 0){const w=e;if(s.version!==1)return re.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=w===e}else var a=!0;if(a){if(s.id!==void 0){
let w=s.id;const U=e;if(e===U)if(typeof w=="string"){if(!qe.test(w))return re.errors=[{instancePath:i+"/id",schemaPath:"\
#/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,40}$"}}],!1}else return re.errors=[{instancePath:i+
"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],!1;var a=U===e}else var a=!0;if(a){if(s.
name!==void 0){let w=s.name;const U=e;if(e===U)if(typeof w=="string"){if(te(w)>40)return re.errors=[{instancePath:i+"/na\
me",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(te(w)<1)return re.errors=[{instancePath:i+
"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1;if(!ze.test(w))return re.errors=
[{instancePath:i+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern:"\\S"}}],!1}else return re.
errors=[{instancePath:i+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var a=U===
e}else var a=!0;if(a){if(s.parts!==void 0){let w=s.parts;const U=e;if(e===U)if(Array.isArray(w)){if(w.length<1)return re.
errors=[{instancePath:i+"/parts",schemaPath:"#/properties/parts/minItems",keyword:"minItems",params:{limit:1}}],!1;{var z=!0;
const m=w.length;for(let F=0;F<m;F++){let d=w[F];const x=e;if(!(d==="exposure"||d==="focus"||d==="white"||d==="rig"||d===
"files"||d==="series"||d==="marks"))return re.errors=[{instancePath:i+"/parts/"+F,schemaPath:"#/properties/parts/items/e\
num",keyword:"enum",params:{allowedValues:ce.properties.parts.items.enum}}],!1;var z=x===e;if(!z)break}if(z){let F=w.length,
d;if(F>1){e:for(;F--;)for(d=F;d--;)if(Oe(w[F],w[d])){return re.errors=[{instancePath:i+"/parts",schemaPath:"#/properties\
/parts/uniqueItems",keyword:"uniqueItems",params:{i:F,j:d}}],!1;break e}}}}}else return re.errors=[{instancePath:i+"/par\
ts",schemaPath:"#/properties/parts/type",keyword:"type",params:{type:"array"}}],!1;var a=U===e}else var a=!0;if(a){if(s.
settings!==void 0){const w=e;$(s.settings,{instancePath:i+"/settings",parentData:s,parentDataProperty:"settings",rootData:de})||
(r=r===null?$.errors:r.concat($.errors),e=r.length);var a=w===e}else var a=!0;if(a)if(s.monitors!==void 0){let w=s.monitors;
const U=e;if(e===U)if(w&&typeof w=="object"&&!Array.isArray(w)){let m;if(w.over===void 0&&(m="over")||w.overColour===void 0&&
(m="overColour")||w.under===void 0&&(m="under")||w.zebra===void 0&&(m="zebra")||w.toneClicks===void 0&&(m="toneClicks")||
w.rawHistogram===void 0&&(m="rawHistogram")||w.logHeight===void 0&&(m="logHeight")||w.pictureHistogram===void 0&&(m="pic\
tureHistogram")||w.allowedShare===void 0&&(m="allowedShare")||w.peaking===void 0&&(m="peaking")||w.peakingStrength===void 0&&
(m="peakingStrength")||w.peakingColour===void 0&&(m="peakingColour"))return re.errors=[{instancePath:i+"/monitors",schemaPath:"\
#/properties/monitors/required",keyword:"required",params:{missingProperty:m}}],!1;{const F=e;for(const d in w)if(!we.call(
ce.properties.monitors.properties,d)){return re.errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/ad\
ditionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}}],!1;break}if(F===e){if(w.over!==void 0){
let d=w.over;const x=e;if(!(d==="any"||d==="red"||d==="green"||d==="blue"||d==="off"))return re.errors=[{instancePath:i+
"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"enum",params:{allowedValues:ce.properties.
monitors.properties.over.enum}}],!1;var q=x===e}else var q=!0;if(q){if(w.overColour!==void 0){let d=w.overColour;const x=e;
if(!(d==="pink"||d==="white"||d==="black"))return re.errors=[{instancePath:i+"/monitors/overColour",schemaPath:"#/proper\
ties/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.overColour.
enum}}],!1;var q=x===e}else var q=!0;if(q){if(w.under!==void 0){const d=e;if(typeof w.under!="boolean")return re.errors=
[{instancePath:i+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"type",params:{type:"\
boolean"}}],!1;var q=d===e}else var q=!0;if(q){if(w.zebra!==void 0){let d=w.zebra;const x=e,c=e;let l=!1,P=null;const R=e;
if(d!==null){const X={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",
keyword:"type",params:{type:"null"}};r===null?r=[X]:r.push(X),e++}var J=R===e;J&&(l=!0,P=0);const W=e;if(e===W)if(d&&typeof d==
"object"&&!Array.isArray(d)){let X;if(d.on===void 0&&(X="on")||d.clicksUnder===void 0&&(X="clicksUnder")){const oe={instancePath:i+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:X}};
r===null?r=[oe]:r.push(oe),e++}else{const oe=e;for(const E in d)if(!(E==="on"||E==="clicksUnder")){const G={instancePath:i+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:E}};r===null?r=[G]:r.push(G),e++;break}if(oe===e){if(d.on!==void 0){const E=e;if(d.
on!=="raw"){const G={instancePath:i+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/prop\
erties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[G]:r.push(G),e++}var V=E===e}else var V=!0;if(V)
if(d.clicksUnder!==void 0){let E=d.clicksUnder;const G=e;if(!(typeof E=="number"&&!(E%1)&&!isNaN(E)&&isFinite(E))){const b={
instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/click\
sUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[b]:r.push(b),e++}if(e===G&&typeof E=="number"&&isFinite(
E)){if(E>9||isNaN(E)){const b={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties\
/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[b]:r.push(
b),e++}else if(E<0||isNaN(E)){const b={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/pr\
operties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[b]:
r.push(b),e++}}var V=G===e}else var V=!0}}}else{const X={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monit\
ors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[X]:r.push(X),e++}var J=W===e;if(J&&
l)l=!1,P=[P,1];else{J&&(l=!0,P=1);const X=e;if(e===X)if(d&&typeof d=="object"&&!Array.isArray(d)){let E;if(d.on===void 0&&
(E="on")||d.percent===void 0&&(E="percent")){const G={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors\
/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:E}};r===null?r=[G]:r.push(G),e++}else{const G=e;
for(const p in d)if(!(p==="on"||p==="percent")){const b={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monit\
ors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?
r=[b]:r.push(b),e++;break}if(G===e){if(d.on!==void 0){const p=e;if(d.on!=="picture"){const b={instancePath:i+"/monitors/\
zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"\
picture"}};r===null?r=[b]:r.push(b),e++}var g=p===e}else var g=!0;if(g)if(d.percent!==void 0){let p=d.percent;const b=e;
if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const v={instancePath:i+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?
r=[v]:r.push(v),e++}if(e===b&&typeof p=="number"&&isFinite(p)){if(p>109||isNaN(p)){const v={instancePath:i+"/monitors/ze\
bra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{
comparison:"<=",limit:109}};r===null?r=[v]:r.push(v),e++}else if(p<70||isNaN(p)){const v={instancePath:i+"/monitors/zebr\
a/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{
comparison:">=",limit:70}};r===null?r=[v]:r.push(v),e++}}var g=b===e}else var g=!0}}}else{const E={instancePath:i+"/moni\
tors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===
null?r=[E]:r.push(E),e++}var J=X===e;J&&l?(l=!1,P=[P,2]):J&&(l=!0,P=2)}if(l)e=c,r!==null&&(c?r.length=c:r=null);else{const X={
instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:P}};
return r===null?r=[X]:r.push(X),e++,re.errors=r,!1}var q=x===e}else var q=!0;if(q){if(w.toneClicks!==void 0){let d=w.toneClicks;
const x=e;if(!(typeof d=="number"&&!(d%1)&&!isNaN(d)&&isFinite(d))&&d!==null)return re.errors=[{instancePath:i+"/monitor\
s/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:ce.properties.monitors.
properties.toneClicks.type}}],!1;if(e===x&&typeof d=="number"&&isFinite(d)){if(d>9||isNaN(d))return re.errors=[{instancePath:i+
"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(d<-18||isNaN(d))return re.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"#/properties/m\
onitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var q=x===e}else var q=!0;
if(q){if(w.rawHistogram!==void 0){let d=w.rawHistogram;const x=e;if(!(d==="off"||d==="small"||d==="large"))return re.errors=
[{instancePath:i+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:ce.properties.monitors.properties.rawHistogram.enum}}],!1;var q=x===e}else var q=!0;if(q){if(w.logHeight!==
void 0){const d=e;if(typeof w.logHeight!="boolean")return re.errors=[{instancePath:i+"/monitors/logHeight",schemaPath:"#\
/properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var q=d===e}else var q=!0;if(q){
if(w.pictureHistogram!==void 0){const d=e;if(typeof w.pictureHistogram!="boolean")return re.errors=[{instancePath:i+"/mo\
nitors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var q=d===e}else var q=!0;if(q){if(w.allowedShare!==void 0){let d=w.allowedShare;const x=e;if(!(d===0||d===
.001||d===.005||d===.02))return re.errors=[{instancePath:i+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pr\
operties/allowedShare/enum",keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.allowedShare.enum}}],
!1;var q=x===e}else var q=!0;if(q){if(w.peaking!==void 0){let d=w.peaking;const x=e;if(!(d==="focusing"||d==="always"||d===
"off"))return re.errors=[{instancePath:i+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",
keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.peaking.enum}}],!1;var q=x===e}else var q=!0;if(q){
if(w.peakingStrength!==void 0){let d=w.peakingStrength;const x=e;if(!(d==="low"||d==="medium"||d==="high"))return re.errors=
[{instancePath:i+"/monitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"\
enum",params:{allowedValues:ce.properties.monitors.properties.peakingStrength.enum}}],!1;var q=x===e}else var q=!0;if(q)
if(w.peakingColour!==void 0){let d=w.peakingColour;const x=e;if(!(d==="violet"||d==="white"||d==="blue"))return re.errors=
[{instancePath:i+"/monitors/peakingColour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enu\
m",params:{allowedValues:ce.properties.monitors.properties.peakingColour.enum}}],!1;var q=x===e}else var q=!0}}}}}}}}}}}}}else
return re.errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"objec\
t"}}],!1;var a=U===e}else var a=!0}}}}}}}else return re.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{
type:"object"}}],!1;return re.errors=r,e===0}export{He as cameraChoice,De as cameraLight,Ee as decision,Le as frameRecord,Me as kit,Qe as markChoice,Ve as olderFrameRecord,
Ce as preferences,Ue as rollRecord,Fe as settings};
