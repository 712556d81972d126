/* Made of the schemas by `npm run validators`. */
const Ae=I,ne={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
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
"series","delayS"],additionalProperties:!1},ke=Object.prototype.hasOwnProperty,xe=new RegExp("^[a-z0-9-]{1,32}$","u");function I(t,{
instancePath:i="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let p;if(t.version===void 0&&(p="version")||t.lens===void 0&&(p="lens")||t.crop===void 0&&(p="crop")||
t.time===void 0&&(p="time")||t.iso===void 0&&(p="iso")||t.compClicks===void 0&&(p="compClicks")||t.meter===void 0&&(p="m\
eter")||t.support===void 0&&(p="support")||t.stabiliserStops===void 0&&(p="stabiliserStops")||t.filterStops===void 0&&(p=
"filterStops")||t.torch===void 0&&(p="torch")||t.flash===void 0&&(p="flash")||t.subject===void 0&&(p="subject")||t.mainsHz===
void 0&&(p="mainsHz")||t.sizeMp===void 0&&(p="sizeMp")||t.focus===void 0&&(p="focus")||t.white===void 0&&(p="white")||t.
files===void 0&&(p="files")||t.jpegQuality===void 0&&(p="jpegQuality")||t.average===void 0&&(p="average")||t.aspect===void 0&&
(p="aspect")||t.series===void 0&&(p="series")||t.delayS===void 0&&(p="delayS"))return I.errors=[{instancePath:i,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:p}}],!1;{const S=e;for(const s in t)if(!ke.call(ne.properties,s)){
return I.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:s}}],
!1;break}if(S===e){if(t.version!==void 0){const s=e;if(t.version!==8)return I.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var a=s===e}else var a=!0;if(a){if(t.lens!==void 0){
let s=t.lens;const P=e;if(e===P)if(typeof s=="string"){if(!xe.test(s))return I.errors=[{instancePath:i+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return I.errors=[{instancePath:i+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var a=P===e}else var a=!0;if(a){if(t.
crop!==void 0){let s=t.crop;const P=e;if(e===P)if(typeof s=="number"&&isFinite(s)){if(s>4||isNaN(s))return I.errors=[{instancePath:i+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(s<1||isNaN(s))
return I.errors=[{instancePath:i+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return I.errors=[{instancePath:i+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var a=P===e}else var a=!0;if(a){if(t.time!==void 0){let s=t.time;const P=e,b=e;let w=!1,A=null;const U=e;if(e===
U)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")){const c={instancePath:i+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[c]:r.push(c),e++}else{const c=e;
for(const n in s)if(n!=="mode"){const l={instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[l]:r.push(l),e++;break}if(c===e&&s.mode!==
void 0&&s.mode!=="auto"){const n={instancePath:i+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const o={instancePath:i+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var $=U===e;$&&(w=!0,
A=0);const y=e;if(e===y)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.click===void 0&&
(o="click")){const c={instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:o}};r===null?r=[c]:r.push(c),e++}else{const c=e;for(const n in s)if(!(n==="mode"||n==="click")){const l={
instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:n}};r===null?r=[l]:r.push(l),e++;break}if(c===e){if(s.mode!==void 0){const n=e;if(s.mode!=="held"){const l={
instancePath:i+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[l]:r.push(l),e++}var N=n===e}else var N=!0;if(N)if(s.click!==void 0){let n=s.click;const l=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===l&&typeof n=="number"&&
isFinite(n)){if(n>18||isNaN(n)){const u={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[u]:r.push(u),e++}else if(n<-39||isNaN(n)){
const u={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[u]:r.push(u),e++}}var N=l===e}else var N=!0}}}else{const o={instancePath:i+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var $=y===e;if($&&w?(w=!1,A=[A,1]):$&&(w=!0,A=1),w)e=b,r!==null&&(b?r.length=b:r=null);else{const o={instancePath:i+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:A}};return r===null?r=[o]:r.push(o),e++,
I.errors=r,!1}var a=P===e}else var a=!0;if(a){if(t.iso!==void 0){let s=t.iso;const P=e,b=e;let w=!1,A=null;const U=e;if(e===
U)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")){const c={instancePath:i+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[c]:r.push(c),e++}else{const c=e;
for(const n in s)if(n!=="mode"){const l={instancePath:i+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[l]:r.push(l),e++;break}if(c===e&&s.mode!==void 0&&
s.mode!=="auto"){const n={instancePath:i+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const o={instancePath:i+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var J=U===e;J&&(w=!0,A=0);
const y=e;if(e===y)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.click===void 0&&
(o="click")){const c={instancePath:i+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[c]:r.push(c),e++}else{const c=e;for(const n in s)if(!(n==="mode"||n==="click")){const l={instancePath:i+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[l]:r.push(l),e++;break}if(c===e){if(s.mode!==void 0){const n=e;if(s.mode!=="held"){const l={instancePath:i+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[l]:r.push(l),e++}var q=n===e}else var q=!0;if(q)if(s.click!==void 0){let n=s.click;const l=e;if(!(typeof n=="num\
ber"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:i+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===l&&typeof n=="number"&&isFinite(
n)){if(n>24||isNaN(n)){const u={instancePath:i+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[u]:r.push(u),e++}else if(n<-6||isNaN(n)){const u={instancePath:i+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[u]:r.push(u),e++}}var q=l===e}else var q=!0}}}else{const o={instancePath:i+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var J=y===e;if(J&&w?(w=!1,A=[A,1]):
J&&(w=!0,A=1),w)e=b,r!==null&&(b?r.length=b:r=null);else{const o={instancePath:i+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:A}};return r===null?r=[o]:r.push(o),e++,I.errors=r,!1}var a=P===e}else var a=!0;
if(a){if(t.compClicks!==void 0){let s=t.compClicks;const P=e;if(e===P)if(typeof s=="number"&&isFinite(s)){if(s>18||isNaN(
s))return I.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(s<-18||isNaN(s))return I.errors=[{instancePath:i+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let w;if(w=s/.5,w!==parseInt(w))return I.
errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return I.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var a=P===e}else var a=!0;if(a){if(t.meter!==void 0){let s=t.meter;const P=e;if(e===P)if(s&&typeof s==
"object"&&!Array.isArray(s)){let w;if(s.pattern===void 0&&(w="pattern")||s.spot===void 0&&(w="spot")||s.lockedEv100===void 0&&
(w="lockedEv100"))return I.errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:w}}],!1;{const A=e;for(const U in s)if(!(U==="pattern"||U==="spot"||U==="lockedEv100")){return I.
errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:U}}],!1;break}if(A===e){if(s.pattern!==void 0){let U=s.pattern;const y=e;if(!(U==="whole"||U==="centr\
e"||U==="spot"||U==="highlights"))return I.errors=[{instancePath:i+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:ne.properties.meter.properties.pattern.enum}}],!1;var g=y===e}else
var g=!0;if(g){if(s.spot!==void 0){let U=s.spot;const y=e;if(e===y)if(U&&typeof U=="object"&&!Array.isArray(U)){let o;if(U.
x===void 0&&(o="x")||U.y===void 0&&(o="y"))return I.errors=[{instancePath:i+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:o}}],!1;{const c=e;for(const n in U)if(!(n==="x"||
n==="y")){return I.errors=[{instancePath:i+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:n}}],!1;break}if(c===e){if(U.x!==void 0){let n=U.x;const l=e;
if(e===l)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return I.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(n<0||
isNaN(n))return I.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return I.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var O=l===e}else var O=!0;
if(O)if(U.y!==void 0){let n=U.y;const l=e;if(e===l)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return I.errors=
[{instancePath:i+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(n<0||isNaN(n))return I.errors=[{instancePath:i+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return I.
errors=[{instancePath:i+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var O=l===e}else var O=!0}}}else return I.errors=[{instancePath:i+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var g=y===e}else var g=!0;if(g)if(s.
lockedEv100!==void 0){let U=s.lockedEv100;const y=e;if(!(typeof U=="number"&&isFinite(U))&&U!==null)return I.errors=[{instancePath:i+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:ne.properties.
meter.properties.lockedEv100.type}}],!1;if(e===y&&typeof U=="number"&&isFinite(U)){if(U>30||isNaN(U))return I.errors=[{instancePath:i+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(U<-20||isNaN(U))return I.errors=[{instancePath:i+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var g=y===e}else var g=!0}}}}else
return I.errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var a=P===e}else var a=!0;if(a){if(t.support!==void 0){let s=t.support;const P=e;if(!(s==="hand"||s==="tripod"))return I.
errors=[{instancePath:i+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:ne.properties.
support.enum}}],!1;var a=P===e}else var a=!0;if(a){if(t.stabiliserStops!==void 0){let s=t.stabiliserStops;const P=e;if(!(typeof s==
"number"&&!(s%1)&&!isNaN(s)&&isFinite(s)))return I.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===P&&typeof s=="number"&&isFinite(s)){if(s>5||isNaN(
s))return I.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(s<0||isNaN(s))return I.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var a=P===e}else var a=!0;
if(a){if(t.filterStops!==void 0){let s=t.filterStops;const P=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s)))
return I.errors=[{instancePath:i+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===P&&typeof s=="number"&&isFinite(s)){if(s>10||isNaN(s))return I.errors=[{instancePath:i+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(s<0||isNaN(
s))return I.errors=[{instancePath:i+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var a=P===e}else var a=!0;if(a){if(t.torch!==void 0){const s=e;if(typeof t.torch!="boolean")
return I.errors=[{instancePath:i+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var a=s===e}else var a=!0;if(a){if(t.flash!==void 0){let s=t.flash;const P=e;if(!(s==="off"||s==="begin"||s==="end"))
return I.errors=[{instancePath:i+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:ne.properties.
flash.enum}}],!1;var a=P===e}else var a=!0;if(a){if(t.subject!==void 0){let s=t.subject;const P=e;if(!(s==="scene"||s===
"still"||s==="walking"||s==="running"||s==="vehicle"))return I.errors=[{instancePath:i+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:ne.properties.subject.enum}}],!1;var a=P===e}else var a=!0;if(a){if(t.
mainsHz!==void 0){let s=t.mainsHz;const P=e;if(!(s===50||s===60))return I.errors=[{instancePath:i+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:ne.properties.mainsHz.enum}}],!1;var a=P===e}else var a=!0;
if(a){if(t.sizeMp!==void 0){let s=t.sizeMp;const P=e;if(!(s===12||s===3))return I.errors=[{instancePath:i+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:ne.properties.sizeMp.enum}}],!1;var a=P===e}else var a=!0;
if(a){if(t.focus!==void 0){let s=t.focus;const P=e,b=e;let w=!1,A=null;const U=e;if(e===U)if(s&&typeof s=="object"&&!Array.
isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.spot===void 0&&(o="spot")||s.follow===void 0&&(o="follow")){const c={
instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[c]:r.push(c),e++}else{const c=e;for(const n in s)if(!(n==="mode"||n==="spot"||n==="follow")){const l={instancePath:i+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[l]:r.push(l),e++;break}if(c===e){if(s.mode!==void 0){const n=e;if(s.mode!=="auto"){const l={instancePath:i+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[l]:r.push(l),e++}var M=n===e}else var M=!0;if(M){if(s.spot!==void 0){let n=s.spot;const l=e;if(e===l)if(n&&typeof n==
"object"&&!Array.isArray(n)){let u;if(n.x===void 0&&(u="x")||n.y===void 0&&(u="y")){const z={instancePath:i+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:u}};r===null?
r=[z]:r.push(z),e++}else{const z=e;for(const D in n)if(!(D==="x"||D==="y")){const k={instancePath:i+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:D}};
r===null?r=[k]:r.push(k),e++;break}if(z===e){if(n.x!==void 0){let D=n.x;const k=e;if(e===k)if(typeof D=="number"&&isFinite(
D)){if(D>1||isNaN(D)){const _={instancePath:i+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[_]:r.push(_),e++}else if(D<0||isNaN(D)){
const _={instancePath:i+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[_]:r.push(_),e++}}else{const _={instancePath:i+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[_]:r.push(
_),e++}var ie=k===e}else var ie=!0;if(ie)if(n.y!==void 0){let D=n.y;const k=e;if(e===k)if(typeof D=="number"&&isFinite(D)){
if(D>1||isNaN(D)){const h={instancePath:i+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[h]:r.push(h),e++}else if(D<0||isNaN(D)){const h={
instancePath:i+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:i+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[h]:r.push(
h),e++}var ie=k===e}else var ie=!0}}}else{const u={instancePath:i+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/p\
roperties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var M=l===e}else var M=!0;if(M)
if(s.follow!==void 0){const n=e;if(typeof s.follow!="boolean"){const F={instancePath:i+"/focus/follow",schemaPath:"#/pro\
perties/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[F]:r.push(F),e++}var M=n===
e}else var M=!0}}}}else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var v=U===e;v&&(w=!0,A=0);const y=e;if(e===y)if(s&&typeof s=="object"&&!Array.
isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.dioptres===void 0&&(o="dioptres")){const c={instancePath:i+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[c]:r.push(c),
e++}else{const c=e;for(const n in s)if(!(n==="mode"||n==="dioptres")){const l={instancePath:i+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[l]:
r.push(l),e++;break}if(c===e){if(s.mode!==void 0){const n=e;if(s.mode!=="held"){const l={instancePath:i+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[l]:r.push(l),
e++}var d=n===e}else var d=!0;if(d)if(s.dioptres!==void 0){let n=s.dioptres;const l=e;if(e===l)if(typeof n=="number"&&isFinite(
n)){if(n>25||isNaN(n)){const u={instancePath:i+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[u]:r.push(u),e++}else if(n<-1||isNaN(n)){const u={
instancePath:i+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:i+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var d=l===
e}else var d=!0}}}else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var v=y===e;if(v&&w?(w=!1,A=[A,1]):v&&(w=!0,A=1),w)e=b,r!==null&&(b?r.length=
b:r=null);else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:A}};
return r===null?r=[o]:r.push(o),e++,I.errors=r,!1}var a=P===e}else var a=!0;if(a){if(t.white!==void 0){let s=t.white;const P=e,
b=e;let w=!1,A=null;const U=e;if(e===U)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")||
s.locked===void 0&&(o="locked")){const c={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:o}};r===null?r=[c]:r.push(c),e++}else{const c=e;for(const n in s)if(!(n==="mode"||n===
"locked")){const l={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:n}};r===null?r=[l]:r.push(l),e++;break}if(c===e){if(s.mode!==void 0){const n=e;
if(s.mode!=="auto"){const l={instancePath:i+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[l]:r.push(l),e++}var X=n===e}else var X=!0;if(X)if(s.locked!==
void 0){let n=s.locked;const l=e,F=e;let u=!1,z=null;const D=e;if(n!==null){const h={instancePath:i+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),
e++}var Q=D===e;Q&&(u=!0,z=0);const k=e;if(e===k)if(n&&typeof n=="object"&&!Array.isArray(n)){let h;if(n.kelvin===void 0&&
(h="kelvin")||n.tint===void 0&&(h="tint")){const x={instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[x]:r.push(x),e++}else{const x=e;
for(const K in n)if(!(K==="kelvin"||K==="tint")){const E={instancePath:i+"/white/locked",schemaPath:"#/properties/white/\
oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:K}};r===
null?r=[E]:r.push(E),e++;break}if(x===e){if(n.kelvin!==void 0){let K=n.kelvin;const E=e;if(e===E)if(typeof K=="number"&&
isFinite(K)){if(K>12e3||isNaN(K)){const te={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/white/oneOf/0\
/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=
[te]:r.push(te),e++}else if(K<2e3||isNaN(K)){const te={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",limit:2e3}};r===
null?r=[te]:r.push(te),e++}}else{const te={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/white/oneOf/0/\
properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[te]:r.push(te),e++}
var j=E===e}else var j=!0;if(j)if(n.tint!==void 0){let K=n.tint;const E=e;if(e===E)if(typeof K=="number"&&isFinite(K)){if(K>
30||isNaN(K)){const oe={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/one\
Of/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[oe]:r.push(oe),e++}else if(K<
-30||isNaN(K)){const oe={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/on\
eOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===null?r=[oe]:r.push(oe),e++}}else{
const oe={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/propertie\
s/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[oe]:r.push(oe),e++}var j=E===e}else var j=!0}}}else{const h={
instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[h]:r.push(h),e++}var Q=k===e;if(Q&&u?(u=!1,z=[z,1]):Q&&(u=!0,z=1),u)e=F,r!==null&&(F?r.length=
F:r=null);else{const h={instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf",keyword:"\
oneOf",params:{passingSchemas:z}};r===null?r=[h]:r.push(h),e++}var X=l===e}else var X=!0}}}else{const o={instancePath:i+
"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var f=U===e;f&&(w=!0,A=0);const y=e;if(e===y)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="\
mode")||s.kelvin===void 0&&(o="kelvin")||s.tint===void 0&&(o="tint")){const c={instancePath:i+"/white",schemaPath:"#/pro\
perties/white/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[c]:r.push(c),e++}else{const c=e;
for(const n in s)if(!(n==="mode"||n==="kelvin"||n==="tint")){const l={instancePath:i+"/white",schemaPath:"#/properties/w\
hite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[l]:r.push(l),
e++;break}if(c===e){if(s.mode!==void 0){const n=e;if(s.mode!=="held"){const l={instancePath:i+"/white/mode",schemaPath:"\
#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[l]:r.push(l),
e++}var m=n===e}else var m=!0;if(m){if(s.kelvin!==void 0){let n=s.kelvin;const l=e;if(e===l)if(typeof n=="number"&&isFinite(
n)){if(n>12e3||isNaN(n)){const u={instancePath:i+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvi\
n/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[u]:r.push(u),e++}else if(n<2e3||isNaN(n)){
const u={instancePath:i+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"minim\
um",params:{comparison:">=",limit:2e3}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:i+"/white/kelvin",schemaPath:"\
#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var m=l===
e}else var m=!0;if(m)if(s.tint!==void 0){let n=s.tint;const l=e;if(e===l)if(typeof n=="number"&&isFinite(n)){if(n>30||isNaN(
n)){const u={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/maximum",keyword:"maxim\
um",params:{comparison:"<=",limit:30}};r===null?r=[u]:r.push(u),e++}else if(n<-30||isNaN(n)){const u={instancePath:i+"/w\
hite/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properti\
es/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var m=l===e}else var m=!0}}}}else{const o={
instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[
o]:r.push(o),e++}var f=y===e;if(f&&w?(w=!1,A=[A,1]):f&&(w=!0,A=1),w)e=b,r!==null&&(b?r.length=b:r=null);else{const o={instancePath:i+
"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:A}};return r===null?r=[o]:r.push(o),
e++,I.errors=r,!1}var a=P===e}else var a=!0;if(a){if(t.files!==void 0){let s=t.files;const P=e;if(!(s==="dng"||s==="dng+\
jpeg"||s==="jpeg"||s==="tiff"||s==="png"))return I.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/enum",
keyword:"enum",params:{allowedValues:ne.properties.files.enum}}],!1;var a=P===e}else var a=!0;if(a){if(t.jpegQuality!==void 0){
let s=t.jpegQuality;const P=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s)))return I.errors=[{instancePath:i+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],!1;if(e===P&&typeof s==
"number"&&isFinite(s)){if(s>100||isNaN(s))return I.errors=[{instancePath:i+"/jpegQuality",schemaPath:"#/properties/jpegQ\
uality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(s<60||isNaN(s))return I.errors=[{instancePath:i+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",limit:60}}],!1}var a=P===
e}else var a=!0;if(a){if(t.average!==void 0){let s=t.average;const P=e,b=e;let w=!1,A=null;const U=e;if(s!==1){const o={
instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};r===null?
r=[o]:r.push(o),e++}var V=U===e;V&&(w=!0,A=0);const y=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s))){const o={
instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};r===null?
r=[o]:r.push(o),e++}if(e===y&&typeof s=="number"&&isFinite(s)){if(s>64||isNaN(s)){const o={instancePath:i+"/average",schemaPath:"\
#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=[o]:r.push(o),e++}else if(s<
4||isNaN(s)){const o={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/minimum",keyword:"minimum",params:{
comparison:">=",limit:4}};r===null?r=[o]:r.push(o),e++}}var V=y===e;if(V&&w?(w=!1,A=[A,1]):V&&(w=!0,A=1),w)e=b,r!==null&&
(b?r.length=b:r=null);else{const o={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{
passingSchemas:A}};return r===null?r=[o]:r.push(o),e++,I.errors=r,!1}var a=P===e}else var a=!0;if(a){if(t.aspect!==void 0){
let s=t.aspect;const P=e;if(!(s==="4:3"||s==="3:2"||s==="16:9"||s==="1:1"))return I.errors=[{instancePath:i+"/aspect",schemaPath:"\
#/properties/aspect/enum",keyword:"enum",params:{allowedValues:ne.properties.aspect.enum}}],!1;var a=P===e}else var a=!0;
if(a){if(t.series!==void 0){let s=t.series;const P=e,b=e;let w=!1,A=null;const U=e;if(e===U)if(s&&typeof s=="object"&&!Array.
isArray(s)){let o;if(s.kind===void 0&&(o="kind")){const c={instancePath:i+"/series",schemaPath:"#/properties/series/oneO\
f/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[c]:r.push(c),e++}else{const c=e;for(const n in s)
if(n!=="kind"){const l={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/0/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:n}};r===null?r=[l]:r.push(l),e++;break}if(c===e&&s.kind!==void 0&&s.kind!==
"single"){const n={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/0/properties/kind/const",keyword:"\
const",params:{allowedValue:"single"}};r===null?r=[n]:r.push(n),e++}}}else{const o={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var H=U===e;H&&(w=
!0,A=0);const y=e;if(e===y)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.kind===void 0&&(o="kind")||s.frames===
void 0&&(o="frames")||s.stepClicks===void 0&&(o="stepClicks")||s.order===void 0&&(o="order")){const c={instancePath:i+"/\
series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[c]:
r.push(c),e++}else{const c=e;for(const n in s)if(!(n==="kind"||n==="frames"||n==="stepClicks"||n==="order")){const l={instancePath:i+
"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[l]:r.push(l),e++;break}if(c===e){if(s.kind!==void 0){const n=e;if(s.kind!=="bracket"){const l={instancePath:i+
"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/const",keyword:"const",params:{allowedValue:"brac\
ket"}};r===null?r=[l]:r.push(l),e++}var C=n===e}else var C=!0;if(C){if(s.frames!==void 0){let n=s.frames;const l=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneO\
f/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===l&&typeof n=="nu\
mber"&&isFinite(n)){if(n>9||isNaN(n)){const u={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneOf/1/p\
roperties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[u]:r.push(u),e++}else if(n<2||
isNaN(n)){const u={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2}};r===null?r=[u]:r.push(u),e++}}var C=l===e}else var C=!0;if(C){if(s.stepClicks!==
void 0){let n=s.stepClicks;const l=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:i+"\
/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/type",keyword:"type",params:{type:"int\
eger"}};r===null?r=[u]:r.push(u),e++}if(e===l&&typeof n=="number"&&isFinite(n)){if(n>9||isNaN(n)){const u={instancePath:i+
"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}};r===null?r=[u]:r.push(u),e++}else if(n<1||isNaN(n)){const u={instancePath:i+"/series/stepClicks",schemaPath:"\
#/properties/series/oneOf/1/properties/stepClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?
r=[u]:r.push(u),e++}}var C=l===e}else var C=!0;if(C)if(s.order!==void 0){let n=s.order;const l=e;if(!(n==="middle-first"||
n==="dark-first"||n==="bright-first")){const u={instancePath:i+"/series/order",schemaPath:"#/properties/series/oneOf/1/p\
roperties/order/enum",keyword:"enum",params:{allowedValues:ne.properties.series.oneOf[1].properties.order.enum}};r===null?
r=[u]:r.push(u),e++}var C=l===e}else var C=!0}}}}}else{const o={instancePath:i+"/series",schemaPath:"#/properties/series\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var H=y===e;if(H&&w)w=!1,A=[A,1];else{
H&&(w=!0,A=1);const o=e;if(e===o)if(s&&typeof s=="object"&&!Array.isArray(s)){let n;if(s.kind===void 0&&(n="kind")||s.frames===
void 0&&(n="frames")){const l={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/required",keyword:"requi\
red",params:{missingProperty:n}};r===null?r=[l]:r.push(l),e++}else{const l=e;for(const F in s)if(!(F==="kind"||F==="fram\
es")){const u={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/additionalProperties",keyword:"additiona\
lProperties",params:{additionalProperty:F}};r===null?r=[u]:r.push(u),e++;break}if(l===e){if(s.kind!==void 0){const F=e;if(s.
kind!=="burst"){const u={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/2/properties/kind/const",keyword:"\
const",params:{allowedValue:"burst"}};r===null?r=[u]:r.push(u),e++}var B=F===e}else var B=!0;if(B)if(s.frames!==void 0){
let F=s.frames;const u=e;if(!(typeof F=="number"&&!(F%1)&&!isNaN(F)&&isFinite(F))){const D={instancePath:i+"/series/fram\
es",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[
D]:r.push(D),e++}if(e===u&&typeof F=="number"&&isFinite(F)){if(F>60||isNaN(F)){const D={instancePath:i+"/series/frames",
schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:60}};
r===null?r=[D]:r.push(D),e++}else if(F<3||isNaN(F)){const D={instancePath:i+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:3}};r===null?r=[D]:r.push(D),e++}}
var B=u===e}else var B=!0}}}else{const n={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/type",keyword:"\
type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var H=o===e;if(H&&w)w=!1,A=[A,2];else{H&&(w=!0,A=2);const n=e;
if(e===n)if(s&&typeof s=="object"&&!Array.isArray(s)){let F;if(s.kind===void 0&&(F="kind")||s.places===void 0&&(F="place\
s")||s.nearDioptres===void 0&&(F="nearDioptres")||s.farDioptres===void 0&&(F="farDioptres")||s.overlap===void 0&&(F="ove\
rlap")){const u={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/required",keyword:"required",params:{missingProperty:F}};
r===null?r=[u]:r.push(u),e++}else{const u=e;for(const z in s)if(!(z==="kind"||z==="places"||z==="nearDioptres"||z==="far\
Dioptres"||z==="overlap")){const D={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/additionalPropertie\
s",keyword:"additionalProperties",params:{additionalProperty:z}};r===null?r=[D]:r.push(D),e++;break}if(u===e){if(s.kind!==
void 0){const z=e;if(s.kind!=="focus"){const D={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/3/pr\
operties/kind/const",keyword:"const",params:{allowedValue:"focus"}};r===null?r=[D]:r.push(D),e++}var Z=z===e}else var Z=!0;
if(Z){if(s.places!==void 0){let z=s.places;const D=e,k=e;let _=!1,h=null;const x=e;if(z!==null){const te={instancePath:i+
"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[te]:r.push(te),e++}var re=x===e;re&&(_=!0,h=0);const K=e;if(e===K)if(Array.isArray(z))if(z.length>30){
const te={instancePath:i+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:30}};r===null?r=[te]:r.push(te),e++}else{var ae=!0;const te=z.length;for(let oe=0;oe<te;oe++){let ve=z[oe];
const ge=e;if(e===ge)if(typeof ve=="number"&&isFinite(ve)){if(ve>25||isNaN(ve)){const he={instancePath:i+"/series/places\
/"+oe,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:25}};r===null?r=[he]:r.push(he),e++}else if(ve<-1||isNaN(ve)){const he={instancePath:i+"/series/places/"+oe,schemaPath:"\
#/properties/series/oneOf/3/properties/places/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};
r===null?r=[he]:r.push(he),e++}}else{const he={instancePath:i+"/series/places/"+oe,schemaPath:"#/properties/series/oneOf\
/3/properties/places/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===null?r=[he]:r.push(he),e++}var ae=ge===
e;if(!ae)break}}else{const te={instancePath:i+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places\
/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[te]:r.push(te),e++}var re=K===e;if(re&&_?(_=!1,h=[h,1]):
re&&(_=!0,h=1),_)e=k,r!==null&&(k?r.length=k:r=null);else{const te={instancePath:i+"/series/places",schemaPath:"#/proper\
ties/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{passingSchemas:h}};r===null?r=[te]:r.push(te),e++}var Z=D===
e}else var Z=!0;if(Z){if(s.nearDioptres!==void 0){let z=s.nearDioptres;const D=e;if(e===D)if(typeof z=="number"&&isFinite(
z)){if(z>25||isNaN(z)){const _={instancePath:i+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties\
/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[_]:r.push(_),e++}else if(z<-1||isNaN(
z)){const _={instancePath:i+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[_]:r.push(_),e++}}else{const _={instancePath:i+"/se\
ries/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[_]:r.push(_),e++}var Z=D===e}else var Z=!0;if(Z){if(s.farDioptres!==void 0){let z=s.farDioptres;const D=e;
if(e===D)if(typeof z=="number"&&isFinite(z)){if(z>25||isNaN(z)){const _={instancePath:i+"/series/farDioptres",schemaPath:"\
#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?
r=[_]:r.push(_),e++}else if(z<-1||isNaN(z)){const _={instancePath:i+"/series/farDioptres",schemaPath:"#/properties/serie\
s/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[_]:r.push(_),
e++}}else{const _={instancePath:i+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[_]:r.push(_),e++}var Z=D===e}else var Z=!0;if(Z)if(s.overlap!==void 0){
let z=s.overlap;const D=e;if(e===D)if(typeof z=="number"&&isFinite(z)){if(z>.8||isNaN(z)){const _={instancePath:i+"/seri\
es/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maximum",keyword:"maximum",params:{comparison:"<=",
limit:.8}};r===null?r=[_]:r.push(_),e++}else if(z<0||isNaN(z)){const _={instancePath:i+"/series/overlap",schemaPath:"#/p\
roperties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[_]:
r.push(_),e++}}else{const _={instancePath:i+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap\
/type",keyword:"type",params:{type:"number"}};r===null?r=[_]:r.push(_),e++}var Z=D===e}else var Z=!0}}}}}}else{const F={
instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{type:"object"}};r===null?r=
[F]:r.push(F),e++}var H=n===e;if(H&&w)w=!1,A=[A,3];else{H&&(w=!0,A=3);const F=e;if(e===F)if(s&&typeof s=="object"&&!Array.
isArray(s)){let z;if(s.kind===void 0&&(z="kind")||s.everyS===void 0&&(z="everyS")||s.frames===void 0&&(z="frames")||s.exposure===
void 0&&(z="exposure")||s.lightS===void 0&&(z="lightS")){const D={instancePath:i+"/series",schemaPath:"#/properties/seri\
es/oneOf/4/required",keyword:"required",params:{missingProperty:z}};r===null?r=[D]:r.push(D),e++}else{const D=e;for(const k in s)
if(!(k==="kind"||k==="everyS"||k==="frames"||k==="exposure"||k==="lightS")){const _={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/4/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:k}};r===null?
r=[_]:r.push(_),e++;break}if(D===e){if(s.kind!==void 0){const k=e;if(s.kind!=="interval"){const _={instancePath:i+"/seri\
es/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"const",params:{allowedValue:"interval"}};
r===null?r=[_]:r.push(_),e++}var G=k===e}else var G=!0;if(G){if(s.everyS!==void 0){let k=s.everyS;const _=e;if(!(typeof k==
"number"&&!(k%1)&&!isNaN(k)&&isFinite(k))){const x={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneO\
f/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[x]:r.push(x),e++}if(e===_&&typeof k=="nu\
mber"&&isFinite(k)){if(k>3600||isNaN(k)){const x={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneOf/\
4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};r===null?r=[x]:r.push(x),e++}else if(k<
1||isNaN(k)){const x={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/minimum",
keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[x]:r.push(x),e++}}var G=_===e}else var G=!0;if(G){if(s.frames!==
void 0){let k=s.frames;const _=e;if(!(typeof k=="number"&&!(k%1)&&!isNaN(k)&&isFinite(k))){const x={instancePath:i+"/ser\
ies/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[x]:r.push(x),e++}if(e===_&&typeof k=="number"&&isFinite(k)){if(k>999||isNaN(k)){const x={instancePath:i+"/series\
/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:999}};
r===null?r=[x]:r.push(x),e++}else if(k<2||isNaN(k)){const x={instancePath:i+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[x]:r.push(x),e++}}
var G=_===e}else var G=!0;if(G){if(s.exposure!==void 0){let k=s.exposure;const _=e;if(!(k==="held"||k==="metered")){const x={
instancePath:i+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/properties/exposure/enum",keyword:"enum",params:{
allowedValues:ne.properties.series.oneOf[4].properties.exposure.enum}};r===null?r=[x]:r.push(x),e++}var G=_===e}else var G=!0;
if(G)if(s.lightS!==void 0){let k=s.lightS;const _=e;if(!(typeof k=="number"&&!(k%1)&&!isNaN(k)&&isFinite(k))){const x={instancePath:i+
"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/type",keyword:"type",params:{type:"integer"}};
r===null?r=[x]:r.push(x),e++}if(e===_&&typeof k=="number"&&isFinite(k)){if(k>86400||isNaN(k)){const x={instancePath:i+"/\
series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:86400}};r===null?r=[x]:r.push(x),e++}else if(k<0||isNaN(k)){const x={instancePath:i+"/series/lightS",schemaPath:"\
#/properties/series/oneOf/4/properties/lightS/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[x]:
r.push(x),e++}}var G=_===e}else var G=!0}}}}}}else{const z={instancePath:i+"/series",schemaPath:"#/properties/series/one\
Of/4/type",keyword:"type",params:{type:"object"}};r===null?r=[z]:r.push(z),e++}var H=F===e;if(H&&w)w=!1,A=[A,4];else{H&&
(w=!0,A=4);const z=e;if(e===z)if(s&&typeof s=="object"&&!Array.isArray(s)){let k;if(s.kind===void 0&&(k="kind")||s.totalS===
void 0&&(k="totalS")||s.gather===void 0&&(k="gather")){const _={instancePath:i+"/series",schemaPath:"#/properties/series\
/oneOf/5/required",keyword:"required",params:{missingProperty:k}};r===null?r=[_]:r.push(_),e++}else{const _=e;for(const h in s)
if(!(h==="kind"||h==="totalS"||h==="gather")){const x={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/5/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:h}};r===null?r=[x]:r.push(x),e++;break}if(_===
e){if(s.kind!==void 0){const h=e;if(s.kind!=="long"){const x={instancePath:i+"/series/kind",schemaPath:"#/properties/ser\
ies/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};r===null?r=[x]:r.push(x),e++}var W=h===
e}else var W=!0;if(W){if(s.totalS!==void 0){let h=s.totalS;const x=e;if(!(typeof h=="number"&&!(h%1)&&!isNaN(h)&&isFinite(
h))){const E={instancePath:i+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[E]:r.push(E),e++}if(e===x&&typeof h=="number"&&isFinite(h)){if(h>7200||isNaN(h)){
const E={instancePath:i+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:7200}};r===null?r=[E]:r.push(E),e++}else if(h<30||isNaN(h)){const E={instancePath:i+
"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:30}};r===null?r=[E]:r.push(E),e++}}var W=x===e}else var W=!0;if(W)if(s.gather!==void 0){let h=s.gather;const x=e;
if(!(h==="mean"||h==="sum"||h==="brightest")){const E={instancePath:i+"/series/gather",schemaPath:"#/properties/series/o\
neOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:ne.properties.series.oneOf[5].properties.gather.enum}};
r===null?r=[E]:r.push(E),e++}var W=x===e}else var W=!0}}}}else{const k={instancePath:i+"/series",schemaPath:"#/propertie\
s/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var H=z===e;H&&w?(w=!1,A=[A,5]):
H&&(w=!0,A=5)}}}}if(w)e=b,r!==null&&(b?r.length=b:r=null);else{const o={instancePath:i+"/series",schemaPath:"#/propertie\
s/series/oneOf",keyword:"oneOf",params:{passingSchemas:A}};return r===null?r=[o]:r.push(o),e++,I.errors=r,!1}var a=P===e}else
var a=!0;if(a)if(t.delayS!==void 0){let s=t.delayS;const P=e;if(!(s===0||s===2||s===3||s===10||s===20))return I.errors=[
{instancePath:i+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{allowedValues:ne.properties.delayS.
enum}}],!1;var a=P===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}else return I.errors=[{instancePath:i,schemaPath:"#/type",keyword:"\
type",params:{type:"object"}}],!1;return I.errors=r,e===0}const je=R,me={$id:"velmo/preferences/6",type:"object",properties:{
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
cusing","naming","delaySound","lightAhead"],additionalProperties:!1},se=require("ajv/dist/runtime/ucs2length").default;function R(t,{
instancePath:i="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let M;if(t.version===void 0&&(M="version")||t.compStepClicks===void 0&&(M="compStepClicks")||t.monitors===
void 0&&(M="monitors")||t.focusing===void 0&&(M="focusing")||t.naming===void 0&&(M="naming")||t.delaySound===void 0&&(M=
"delaySound")||t.lightAhead===void 0&&(M="lightAhead"))return R.errors=[{instancePath:i,schemaPath:"#/required",keyword:"\
required",params:{missingProperty:M}}],!1;{const ie=e;for(const d in t)if(!(d==="version"||d==="compStepClicks"||d==="mo\
nitors"||d==="focusing"||d==="delaySound"||d==="lightAhead"||d==="naming")){return R.errors=[{instancePath:i,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}}],!1;break}if(ie===e){if(t.version!==
void 0){const d=e;if(t.version!==6)return R.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:6}}],!1;var a=d===e}else var a=!0;if(a){if(t.compStepClicks!==void 0){let d=t.compStepClicks;
const v=e;if(!(d===1||d===1.5||d===3))return R.errors=[{instancePath:i+"/compStepClicks",schemaPath:"#/properties/compSt\
epClicks/enum",keyword:"enum",params:{allowedValues:me.properties.compStepClicks.enum}}],!1;var a=v===e}else var a=!0;if(a){
if(t.monitors!==void 0){let d=t.monitors;const v=e;if(e===v)if(d&&typeof d=="object"&&!Array.isArray(d)){let j;if(d.over===
void 0&&(j="over")||d.overColour===void 0&&(j="overColour")||d.under===void 0&&(j="under")||d.zebra===void 0&&(j="zebra")||
d.toneClicks===void 0&&(j="toneClicks")||d.rawHistogram===void 0&&(j="rawHistogram")||d.logHeight===void 0&&(j="logHeigh\
t")||d.pictureHistogram===void 0&&(j="pictureHistogram")||d.allowedShare===void 0&&(j="allowedShare")||d.peaking===void 0&&
(j="peaking")||d.peakingStrength===void 0&&(j="peakingStrength")||d.peakingColour===void 0&&(j="peakingColour"))return R.
errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/required",keyword:"required",params:{missingProperty:j}}],
!1;{const Q=e;for(const m in d)if(!ke.call(me.properties.monitors.properties,m)){return R.errors=[{instancePath:i+"/moni\
tors",schemaPath:"#/properties/monitors/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}}],
!1;break}if(Q===e){if(d.over!==void 0){let m=d.over;const f=e;if(!(m==="any"||m==="red"||m==="green"||m==="blue"||m==="o\
ff"))return R.errors=[{instancePath:i+"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"\
enum",params:{allowedValues:me.properties.monitors.properties.over.enum}}],!1;var N=f===e}else var N=!0;if(N){if(d.overColour!==
void 0){let m=d.overColour;const f=e;if(!(m==="pink"||m==="white"||m==="black"))return R.errors=[{instancePath:i+"/monit\
ors/overColour",schemaPath:"#/properties/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:me.properties.
monitors.properties.overColour.enum}}],!1;var N=f===e}else var N=!0;if(N){if(d.under!==void 0){const m=e;if(typeof d.under!=
"boolean")return R.errors=[{instancePath:i+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"\
type",params:{type:"boolean"}}],!1;var N=m===e}else var N=!0;if(N){if(d.zebra!==void 0){let m=d.zebra;const f=e,V=e;let C=!1,
H=null;const B=e;if(m!==null){const re={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/ze\
bra/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[re]:r.push(re),e++}var q=B===e;q&&(C=!0,H=0);const Z=e;
if(e===Z)if(m&&typeof m=="object"&&!Array.isArray(m)){let re;if(m.on===void 0&&(re="on")||m.clicksUnder===void 0&&(re="c\
licksUnder")){const G={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/requi\
red",keyword:"required",params:{missingProperty:re}};r===null?r=[G]:r.push(G),e++}else{const G=e;for(const W in m)if(!(W===
"on"||W==="clicksUnder")){const p={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/o\
neOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:W}};r===null?r=[p]:r.push(p),e++;
break}if(G===e){if(m.on!==void 0){const W=e;if(m.on!=="raw"){const p={instancePath:i+"/monitors/zebra/on",schemaPath:"#/\
properties/monitors/properties/zebra/oneOf/1/properties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?
r=[p]:r.push(p),e++}var $=W===e}else var $=!0;if($)if(m.clicksUnder!==void 0){let W=m.clicksUnder;const p=e;if(!(typeof W==
"number"&&!(W%1)&&!isNaN(W)&&isFinite(W))){const s={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/propertie\
s/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[s]:
r.push(s),e++}if(e===p&&typeof W=="number"&&isFinite(W)){if(W>9||isNaN(W)){const s={instancePath:i+"/monitors/zebra/clic\
ksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{
comparison:"<=",limit:9}};r===null?r=[s]:r.push(s),e++}else if(W<0||isNaN(W)){const s={instancePath:i+"/monitors/zebra/c\
licksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",
params:{comparison:">=",limit:0}};r===null?r=[s]:r.push(s),e++}}var $=p===e}else var $=!0}}}else{const re={instancePath:i+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};
r===null?r=[re]:r.push(re),e++}var q=Z===e;if(q&&C)C=!1,H=[H,1];else{q&&(C=!0,H=1);const re=e;if(e===re)if(m&&typeof m==
"object"&&!Array.isArray(m)){let W;if(m.on===void 0&&(W="on")||m.percent===void 0&&(W="percent")){const p={instancePath:i+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:W}};
r===null?r=[p]:r.push(p),e++}else{const p=e;for(const S in m)if(!(S==="on"||S==="percent")){const s={instancePath:i+"/mo\
nitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProper\
ties",params:{additionalProperty:S}};r===null?r=[s]:r.push(s),e++;break}if(p===e){if(m.on!==void 0){const S=e;if(m.on!==
"picture"){const s={instancePath:i+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/prope\
rties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?r=[s]:r.push(s),e++}var J=S===e}else var J=!0;
if(J)if(m.percent!==void 0){let S=m.percent;const s=e;if(!(typeof S=="number"&&!(S%1)&&!isNaN(S)&&isFinite(S))){const b={
instancePath:i+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/t\
ype",keyword:"type",params:{type:"integer"}};r===null?r=[b]:r.push(b),e++}if(e===s&&typeof S=="number"&&isFinite(S)){if(S>
109||isNaN(S)){const b={instancePath:i+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};r===null?r=[b]:r.push(b),e++}else if(S<
70||isNaN(S)){const b={instancePath:i+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};r===null?r=[b]:r.push(b),e++}}var J=s===
e}else var J=!0}}}else{const W={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/type",keyword:"type",params:{type:"object"}};r===null?r=[W]:r.push(W),e++}var q=re===e;q&&C?(C=!1,H=[H,2]):q&&(C=!0,
H=2)}if(C)e=V,r!==null&&(V?r.length=V:r=null);else{const re={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/m\
onitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:H}};return r===null?r=[re]:r.push(re),e++,R.errors=
r,!1}var N=f===e}else var N=!0;if(N){if(d.toneClicks!==void 0){let m=d.toneClicks;const f=e;if(!(typeof m=="number"&&!(m%
1)&&!isNaN(m)&&isFinite(m))&&m!==null)return R.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"#/properties/m\
onitors/properties/toneClicks/type",keyword:"type",params:{type:me.properties.monitors.properties.toneClicks.type}}],!1;
if(e===f&&typeof m=="number"&&isFinite(m)){if(m>9||isNaN(m))return R.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"\
#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}}],!1;if(m<-18||isNaN(
m))return R.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var N=f===e}else var N=!0;if(N){if(d.rawHistogram!==void 0){
let m=d.rawHistogram;const f=e;if(!(m==="off"||m==="small"||m==="large"))return R.errors=[{instancePath:i+"/monitors/raw\
Histogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",params:{allowedValues:me.properties.
monitors.properties.rawHistogram.enum}}],!1;var N=f===e}else var N=!0;if(N){if(d.logHeight!==void 0){const m=e;if(typeof d.
logHeight!="boolean")return R.errors=[{instancePath:i+"/monitors/logHeight",schemaPath:"#/properties/monitors/properties\
/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var N=m===e}else var N=!0;if(N){if(d.pictureHistogram!==void 0){
const m=e;if(typeof d.pictureHistogram!="boolean")return R.errors=[{instancePath:i+"/monitors/pictureHistogram",schemaPath:"\
#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"boolean"}}],!1;var N=m===e}else var N=!0;
if(N){if(d.allowedShare!==void 0){let m=d.allowedShare;const f=e;if(!(m===0||m===.001||m===.005||m===.02))return R.errors=
[{instancePath:i+"/monitors/allowedShare",schemaPath:"#/properties/monitors/properties/allowedShare/enum",keyword:"enum",
params:{allowedValues:me.properties.monitors.properties.allowedShare.enum}}],!1;var N=f===e}else var N=!0;if(N){if(d.peaking!==
void 0){let m=d.peaking;const f=e;if(!(m==="focusing"||m==="always"||m==="off"))return R.errors=[{instancePath:i+"/monit\
ors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"enum",params:{allowedValues:me.properties.
monitors.properties.peaking.enum}}],!1;var N=f===e}else var N=!0;if(N){if(d.peakingStrength!==void 0){let m=d.peakingStrength;
const f=e;if(!(m==="low"||m==="medium"||m==="high"))return R.errors=[{instancePath:i+"/monitors/peakingStrength",schemaPath:"\
#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:me.properties.monitors.properties.
peakingStrength.enum}}],!1;var N=f===e}else var N=!0;if(N)if(d.peakingColour!==void 0){let m=d.peakingColour;const f=e;if(!(m===
"violet"||m==="white"||m==="blue"))return R.errors=[{instancePath:i+"/monitors/peakingColour",schemaPath:"#/properties/m\
onitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:me.properties.monitors.properties.peakingColour.
enum}}],!1;var N=f===e}else var N=!0}}}}}}}}}}}}}else return R.errors=[{instancePath:i+"/monitors",schemaPath:"#/propert\
ies/monitors/type",keyword:"type",params:{type:"object"}}],!1;var a=v===e}else var a=!0;if(a){if(t.focusing!==void 0){let d=t.
focusing;const v=e;if(e===v)if(d&&typeof d=="object"&&!Array.isArray(d)){let j;if(d.unit===void 0&&(j="unit")||d.loupeZoom===
void 0&&(j="loupeZoom")||d.loupeWithFocus===void 0&&(j="loupeWithFocus")||d.beforeCapture===void 0&&(j="beforeCapture"))
return R.errors=[{instancePath:i+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:j}}],
!1;{const Q=e;for(const m in d)if(!(m==="unit"||m==="loupeZoom"||m==="loupeWithFocus"||m==="beforeCapture")){return R.errors=
[{instancePath:i+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:m}}],!1;break}if(Q===e){if(d.unit!==void 0){let m=d.unit;const f=e;if(!(m==="m"||m==="ft"))return R.errors=
[{instancePath:i+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:me.
properties.focusing.properties.unit.enum}}],!1;var g=f===e}else var g=!0;if(g){if(d.loupeZoom!==void 0){let m=d.loupeZoom;
const f=e;if(!(m===1||m===2))return R.errors=[{instancePath:i+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:me.properties.focusing.properties.loupeZoom.enum}}],!1;var g=f===
e}else var g=!0;if(g){if(d.loupeWithFocus!==void 0){const m=e;if(typeof d.loupeWithFocus!="boolean")return R.errors=[{instancePath:i+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var g=m===e}else var g=!0;if(g)if(d.beforeCapture!==void 0){const m=e;if(typeof d.beforeCapture!="boolean")
return R.errors=[{instancePath:i+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var g=m===e}else var g=!0}}}}}else return R.errors=[{instancePath:i+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var a=v===e}else var a=!0;if(a){
if(t.delaySound!==void 0){const d=e;if(typeof t.delaySound!="boolean")return R.errors=[{instancePath:i+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var a=d===e}else var a=!0;if(a){if(t.lightAhead!==
void 0){let d=t.lightAhead;const v=e;if(!(d==="fitting"||d==="always"||d==="never"))return R.errors=[{instancePath:i+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:me.properties.lightAhead.enum}}],
!1;var a=v===e}else var a=!0;if(a)if(t.naming!==void 0){let d=t.naming;const v=e;if(e===v)if(d&&typeof d=="object"&&!Array.
isArray(d)){let j;if(d.pattern===void 0&&(j="pattern")||d.count===void 0&&(j="count"))return R.errors=[{instancePath:i+"\
/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:j}}],!1;{const Q=e;for(const m in d)
if(!(m==="pattern"||m==="count")){return R.errors=[{instancePath:i+"/naming",schemaPath:"#/properties/naming/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:m}}],!1;break}if(Q===e){if(d.pattern!==void 0){let m=d.
pattern;const f=e;if(e===f)if(typeof m=="string"){if(se(m)>80)return R.errors=[{instancePath:i+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{limit:80}}],!1}else return R.errors=[{instancePath:i+
"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var O=f===
e}else var O=!0;if(O)if(d.count!==void 0){let m=d.count;const f=e;if(!(typeof m=="number"&&!(m%1)&&!isNaN(m)&&isFinite(m)))
return R.errors=[{instancePath:i+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{
type:"integer"}}],!1;if(e===f&&typeof m=="number"&&isFinite(m)){if(m>1e9||isNaN(m))return R.errors=[{instancePath:i+"/na\
ming/count",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],
!1;if(m<1||isNaN(m))return R.errors=[{instancePath:i+"/naming/count",schemaPath:"#/properties/naming/properties/count/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var O=f===e}else var O=!0}}}else return R.errors=[{instancePath:i+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var a=v===e}else var a=!0}}}}}}}}else
return R.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return R.errors=r,e===0}
const Se=L,fe={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
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
Pe=new RegExp("^[a-z0-9-]{8,64}$","u");function L(t,{instancePath:i="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let G;if(t.version===void 0&&(G="version")||t.id===
void 0&&(G="id")||t.capturedAt===void 0&&(G="capturedAt")||t.camera===void 0&&(G="camera")||t.place===void 0&&(G="place")||
t.origin===void 0&&(G="origin")||t.timeS===void 0&&(G="timeS")||t.iso===void 0&&(G="iso")||t.compClicks===void 0&&(G="co\
mpClicks")||t.lens===void 0&&(G="lens")||t.focusDioptres===void 0&&(G="focusDioptres")||t.white===void 0&&(G="white")||t.
clippedShare===void 0&&(G="clippedShare")||t.width===void 0&&(G="width")||t.height===void 0&&(G="height")||t.average===void 0&&
(G="average")||t.roll===void 0&&(G="roll")||t.stem===void 0&&(G="stem")||t.series===void 0&&(G="series")||t.files===void 0&&
(G="files"))return L.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:G}}],!1;
{const W=e;for(const p in t)if(!ke.call(fe.properties,p)){return L.errors=[{instancePath:i,schemaPath:"#/additionalPrope\
rties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(W===e){if(t.version!==void 0){const p=e;
if(t.version!==2)return L.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:2}}],!1;var a=p===e}else var a=!0;if(a){if(t.id!==void 0){let p=t.id;const S=e;if(e===S)if(typeof p=="strin\
g"){if(!Pe.test(p))return L.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return L.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=S===e}else var a=!0;if(a){if(t.capturedAt!==void 0){let p=t.capturedAt;const S=e;
if(e===S)if(typeof p=="number"&&isFinite(p)){if(p<0||isNaN(p))return L.errors=[{instancePath:i+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return L.errors=[{instancePath:i+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=S===e}else var a=!0;
if(a){if(t.camera!==void 0){let p=t.camera;const S=e;if(!(p==="simulated"||p==="browser"||p==="file"))return L.errors=[{
instancePath:i+"/camera",schemaPath:"#/properties/camera/enum",keyword:"enum",params:{allowedValues:fe.properties.camera.
enum}}],!1;var a=S===e}else var a=!0;if(a){if(t.place!==void 0){let p=t.place;const S=e;if(e===S)if(typeof p=="string"){
if(se(p)>200)return L.errors=[{instancePath:i+"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return L.errors=[{instancePath:i+"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{
type:"string"}}],!1;var a=S===e}else var a=!0;if(a){if(t.origin!==void 0){let p=t.origin;const S=e;if(!(p==="raw"||p==="\
video-frame"||p==="photo"||p==="photo-remade"||p==="average"||p==="opened"||p==="combined"))return L.errors=[{instancePath:i+
"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues:fe.properties.origin.enum}}],!1;var a=S===
e}else var a=!0;if(a){if(t.timeS!==void 0){let p=t.timeS;const S=e;if(!(typeof p=="number"&&isFinite(p))&&p!==null)return L.
errors=[{instancePath:i+"/timeS",schemaPath:"#/properties/timeS/type",keyword:"type",params:{type:fe.properties.timeS.type}}],
!1;var a=S===e}else var a=!0;if(a){if(t.iso!==void 0){let p=t.iso;const S=e;if(!(typeof p=="number"&&isFinite(p))&&p!==null)
return L.errors=[{instancePath:i+"/iso",schemaPath:"#/properties/iso/type",keyword:"type",params:{type:fe.properties.iso.
type}}],!1;var a=S===e}else var a=!0;if(a){if(t.compClicks!==void 0){let p=t.compClicks;const S=e;if(!(typeof p=="number"&&
isFinite(p))&&p!==null)return L.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"\
type",params:{type:fe.properties.compClicks.type}}],!1;var a=S===e}else var a=!0;if(a){if(t.lens!==void 0){let p=t.lens;
const S=e;if(typeof p!="string"&&p!==null)return L.errors=[{instancePath:i+"/lens",schemaPath:"#/properties/lens/type",keyword:"\
type",params:{type:fe.properties.lens.type}}],!1;if(e===S&&typeof p=="string"&&se(p)>64)return L.errors=[{instancePath:i+
"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",params:{limit:64}}],!1;var a=S===e}else var a=!0;if(a){
if(t.focusDioptres!==void 0){let p=t.focusDioptres;const S=e;if(!(typeof p=="number"&&isFinite(p))&&p!==null)return L.errors=
[{instancePath:i+"/focusDioptres",schemaPath:"#/properties/focusDioptres/type",keyword:"type",params:{type:fe.properties.
focusDioptres.type}}],!1;var a=S===e}else var a=!0;if(a){if(t.white!==void 0){let p=t.white;const S=e,s=e;let P=!1,b=null;
const w=e;if(p!==null){const y={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"null"}};r===null?r=[y]:r.push(y),e++}var $=w===e;$&&(P=!0,b=0);const A=e;if(e===A)if(p&&typeof p=="object"&&!Array.
isArray(p)){let y;if(p.kelvin===void 0&&(y="kelvin")||p.tint===void 0&&(y="tint")){const T={instancePath:i+"/white",schemaPath:"\
#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:y}};r===null?r=[T]:r.push(T),e++}else{const T=e;
for(const o in p)if(!(o==="kelvin"||o==="tint")){const c={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/1\
/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[c]:r.push(c),e++;break}
if(T===e){if(p.kelvin!==void 0){let o=p.kelvin;const c=e;if(!(typeof o=="number"&&isFinite(o))){const n={instancePath:i+
"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===
null?r=[n]:r.push(n),e++}var N=c===e}else var N=!0;if(N)if(p.tint!==void 0){let o=p.tint;const c=e;if(!(typeof o=="numbe\
r"&&isFinite(o))){const l={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"\
type",params:{type:"number"}};r===null?r=[l]:r.push(l),e++}var N=c===e}else var N=!0}}}else{const y={instancePath:i+"/wh\
ite",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[y]:r.push(y),e++}var $=A===
e;if($&&P?(P=!1,b=[b,1]):$&&(P=!0,b=1),P)e=s,r!==null&&(s?r.length=s:r=null);else{const y={instancePath:i+"/white",schemaPath:"\
#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:b}};return r===null?r=[y]:r.push(y),e++,L.errors=r,!1}var a=S===
e}else var a=!0;if(a){if(t.clippedShare!==void 0){let p=t.clippedShare;const S=e,s=e;let P=!1,b=null;const w=e;if(p!==null){
const y={instancePath:i+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"\
null"}};r===null?r=[y]:r.push(y),e++}var J=w===e;J&&(P=!0,b=0);const A=e;if(e===A)if(Array.isArray(p))if(p.length>3){const y={
instancePath:i+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};
r===null?r=[y]:r.push(y),e++}else if(p.length<3){const y={instancePath:i+"/clippedShare",schemaPath:"#/properties/clippe\
dShare/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[y]:r.push(y),e++}else{var q=!0;const y=p.length;
for(let T=0;T<y;T++){let o=p[T];const c=e;if(e===c)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const l={instancePath:i+
"/clippedShare/"+T,schemaPath:"#/properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",
limit:1}};r===null?r=[l]:r.push(l),e++}else if(o<0||isNaN(o)){const l={instancePath:i+"/clippedShare/"+T,schemaPath:"#/p\
roperties/clippedShare/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[l]:r.push(
l),e++}}else{const l={instancePath:i+"/clippedShare/"+T,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"\
type",params:{type:"number"}};r===null?r=[l]:r.push(l),e++}var q=c===e;if(!q)break}}else{const y={instancePath:i+"/clipp\
edShare",schemaPath:"#/properties/clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[y]:r.push(
y),e++}var J=A===e;if(J&&P?(P=!1,b=[b,1]):J&&(P=!0,b=1),P)e=s,r!==null&&(s?r.length=s:r=null);else{const y={instancePath:i+
"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:b}};return r===null?
r=[y]:r.push(y),e++,L.errors=r,!1}var a=S===e}else var a=!0;if(a){if(t.width!==void 0){let p=t.width;const S=e;if(!(typeof p==
"number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))return L.errors=[{instancePath:i+"/width",schemaPath:"#/properties/width/type",
keyword:"type",params:{type:"integer"}}],!1;if(e===S&&typeof p=="number"&&isFinite(p)&&(p<0||isNaN(p)))return L.errors=[
{instancePath:i+"/width",schemaPath:"#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;
var a=S===e}else var a=!0;if(a){if(t.height!==void 0){let p=t.height;const S=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&
isFinite(p)))return L.errors=[{instancePath:i+"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===S&&typeof p=="number"&&isFinite(p)&&(p<0||isNaN(p)))return L.errors=[{instancePath:i+"/height",schemaPath:"\
#/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var a=S===e}else var a=!0;if(a){if(t.
average!==void 0){let p=t.average;const S=e,s=e;let P=!1,b=null;const w=e;if(p!==null){const y={instancePath:i+"/average",
schemaPath:"#/properties/average/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[y]:r.push(y),e++}var O=w===
e;O&&(P=!0,b=0);const A=e;if(e===A)if(p&&typeof p=="object"&&!Array.isArray(p)){let y;if(p.frames===void 0&&(y="frames")||
p.timesLess===void 0&&(y="timesLess")){const T={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/requi\
red",keyword:"required",params:{missingProperty:y}};r===null?r=[T]:r.push(T),e++}else{const T=e;for(const o in p)if(!(o===
"frames"||o==="timesLess")){const c={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[c]:r.push(c),e++;break}if(T===e){if(p.frames!==
void 0){let o=p.frames;const c=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const n={instancePath:i+"/ave\
rage/frames",schemaPath:"#/properties/average/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[n]:r.push(n),e++}if(e===c&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o))){const n={instancePath:i+"/average/f\
rames",schemaPath:"#/properties/average/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};
r===null?r=[n]:r.push(n),e++}var g=c===e}else var g=!0;if(g)if(p.timesLess!==void 0){let o=p.timesLess;const c=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null){const l={instancePath:i+"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/\
properties/timesLess/type",keyword:"type",params:{type:fe.properties.average.oneOf[1].properties.timesLess.type}};r===null?
r=[l]:r.push(l),e++}var g=c===e}else var g=!0}}}else{const y={instancePath:i+"/average",schemaPath:"#/properties/average\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[y]:r.push(y),e++}var O=A===e;if(O&&P?(P=!1,b=[b,1]):O&&
(P=!0,b=1),P)e=s,r!==null&&(s?r.length=s:r=null);else{const y={instancePath:i+"/average",schemaPath:"#/properties/averag\
e/oneOf",keyword:"oneOf",params:{passingSchemas:b}};return r===null?r=[y]:r.push(y),e++,L.errors=r,!1}var a=S===e}else var a=!0;
if(a){if(t.roll!==void 0){let p=t.roll;const S=e;if(e===S)if(typeof p=="string"){if(se(p)>200)return L.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return L.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var a=S===e}else var a=!0;if(a){if(t.
stem!==void 0){let p=t.stem;const S=e;if(e===S)if(typeof p=="string"){if(se(p)>160)return L.errors=[{instancePath:i+"/st\
em",schemaPath:"#/properties/stem/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(se(p)<1)return L.errors=[{instancePath:i+
"/stem",schemaPath:"#/properties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return L.errors=[{instancePath:i+
"/stem",schemaPath:"#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var a=S===e}else var a=!0;if(a){if(t.
series!==void 0){let p=t.series;const S=e,s=e;let P=!1,b=null;const w=e;if(p!==null){const y={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[y]:r.push(y),e++}var ie=w===e;ie&&(P=
!0,b=0);const A=e;if(e===A)if(p&&typeof p=="object"&&!Array.isArray(p)){let y;if(p.id===void 0&&(y="id")||p.kind===void 0&&
(y="kind")||p.step===void 0&&(y="step")||p.count===void 0&&(y="count")){const T={instancePath:i+"/series",schemaPath:"#/\
properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:y}};r===null?r=[T]:r.push(T),e++}else{const T=e;
for(const o in p)if(!(o==="id"||o==="kind"||o==="step"||o==="count")){const c={instancePath:i+"/series",schemaPath:"#/pr\
operties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[
c]:r.push(c),e++;break}if(T===e){if(p.id!==void 0){let o=p.id;const c=e;if(e===c)if(typeof o=="string"){if(se(o)>64){const n={
instancePath:i+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",params:{
limit:64}};r===null?r=[n]:r.push(n),e++}}else{const n={instancePath:i+"/series/id",schemaPath:"#/properties/series/oneOf\
/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[n]:r.push(n),e++}var M=c===e}else var M=!0;if(M){
if(p.kind!==void 0){let o=p.kind;const c=e;if(!(o==="single"||o==="bracket"||o==="burst"||o==="focus"||o==="interval"||o===
"long")){const l={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"e\
num",params:{allowedValues:fe.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[l]:r.push(l),e++}var M=c===e}else
var M=!0;if(M){if(p.step!==void 0){let o=p.step;const c=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const l={
instancePath:i+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{type:"\
integer"}};r===null?r=[l]:r.push(l),e++}if(e===c&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o))){const l={instancePath:i+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[l]:r.push(l),e++}var M=c===e}else var M=!0;if(M)if(p.count!==void 0){let o=p.count;const c=e;if(!(typeof o==
"number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const l={instancePath:i+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[l]:r.push(l),e++}if(e===c&&typeof o=="numb\
er"&&isFinite(o)&&(o<1||isNaN(o))){const l={instancePath:i+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[l]:r.push(l),e++}var M=c===e}else var M=!0}}}}}else{
const y={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[y]:r.push(y),e++}var ie=A===e;if(ie&&P?(P=!1,b=[b,1]):ie&&(P=!0,b=1),P)e=s,r!==null&&(s?r.length=s:r=null);else{
const y={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:b}};return r===
null?r=[y]:r.push(y),e++,L.errors=r,!1}var a=S===e}else var a=!0;if(a){if(t.files!==void 0){let p=t.files;const S=e;if(e===
S)if(Array.isArray(p)){if(p.length>8)return L.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/maxItems",
keyword:"maxItems",params:{limit:8}}],!1;if(p.length<1)return L.errors=[{instancePath:i+"/files",schemaPath:"#/propertie\
s/files/minItems",keyword:"minItems",params:{limit:1}}],!1;{var d=!0;const P=p.length;for(let b=0;b<P;b++){let w=p[b];const A=e;
if(e===A)if(w&&typeof w=="object"&&!Array.isArray(w)){let y;if(w.kind===void 0&&(y="kind")||w.name===void 0&&(y="name")||
w.bytes===void 0&&(y="bytes")||w.chunks===void 0&&(y="chunks"))return L.errors=[{instancePath:i+"/files/"+b,schemaPath:"\
#/properties/files/items/required",keyword:"required",params:{missingProperty:y}}],!1;{const T=e;for(const o in w)if(!(o===
"kind"||o==="name"||o==="bytes"||o==="chunks")){return L.errors=[{instancePath:i+"/files/"+b,schemaPath:"#/properties/fi\
les/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(T===e){if(w.kind!==
void 0){let o=w.kind;const c=e;if(!(o==="dng"||o==="jpeg"||o==="tiff"||o==="png"||o==="webp"||o==="avif"||o==="heic"||o===
"raw"))return L.errors=[{instancePath:i+"/files/"+b+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:fe.properties.files.items.properties.kind.enum}}],!1;var v=c===e}else var v=!0;if(v){if(w.name!==
void 0){let o=w.name;const c=e;if(e===c)if(typeof o=="string"){if(se(o)>160)return L.errors=[{instancePath:i+"/files/"+b+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(se(
o)<1)return L.errors=[{instancePath:i+"/files/"+b+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return L.errors=[{instancePath:i+"/files/"+b+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var v=c===e}else var v=!0;if(v){if(w.bytes!==
void 0){let o=w.bytes;const c=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return L.errors=[{instancePath:i+
"/files/"+b+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===c&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o)))return L.errors=[{instancePath:i+"/files/"+b+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var v=c===e}else
var v=!0;if(v)if(w.chunks!==void 0){let o=w.chunks;const c=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return L.
errors=[{instancePath:i+"/files/"+b+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===c&&typeof o=="number"&&isFinite(o)){if(o>4096||isNaN(o))return L.errors=[{instancePath:i+
"/files/"+b+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(o<1||isNaN(o))return L.errors=[{instancePath:i+"/files/"+b+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var v=c===e}else var v=!0}}}}}else
return L.errors=[{instancePath:i+"/files/"+b,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var d=A===e;if(!d)break}}}else return L.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var a=S===e}else var a=!0;if(a){if(t.longestHandheldS!==void 0){let p=t.longestHandheldS;
const S=e;if(!(typeof p=="number"&&isFinite(p))&&p!==null)return L.errors=[{instancePath:i+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:fe.properties.longestHandheldS.type}}],!1;var a=S===e}else
var a=!0;if(a){if(t.focusedAt!==void 0){let p=t.focusedAt;const S=e,s=e;let P=!1,b=null;const w=e;if(p!==null){const y={
instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[y]:r.push(y),e++}var j=w===e;j&&(P=!0,b=0);const A=e;if(e===A)if(p&&typeof p=="object"&&!Array.isArray(p)){let y;if(p.
x===void 0&&(y="x")||p.y===void 0&&(y="y")){const T={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneO\
f/1/required",keyword:"required",params:{missingProperty:y}};r===null?r=[T]:r.push(T),e++}else{const T=e;for(const o in p)
if(!(o==="x"||o==="y")){const c={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[c]:r.push(c),e++;break}if(T===e){if(p.x!==
void 0){let o=p.x;const c=e;if(e===c)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const n={instancePath:i+"/foc\
usedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[n]:r.push(n),e++}else if(o<0||isNaN(o)){const n={instancePath:i+"/focusedAt/x",schemaPath:"#/properties/focu\
sedAt/oneOf/1/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[n]:r.push(n),e++}}else{
const n={instancePath:i+"/focusedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/type",keyword:"type",params:{
type:"number"}};r===null?r=[n]:r.push(n),e++}var X=c===e}else var X=!0;if(X)if(p.y!==void 0){let o=p.y;const c=e;if(e===
c)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const l={instancePath:i+"/focusedAt/y",schemaPath:"#/properties/\
focusedAt/oneOf/1/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[l]:r.push(l),e++}else if(o<
0||isNaN(o)){const l={instancePath:i+"/focusedAt/y",schemaPath:"#/properties/focusedAt/oneOf/1/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[l]:r.push(l),e++}}else{const l={instancePath:i+"/focusedAt/y",schemaPath:"\
#/properties/focusedAt/oneOf/1/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[l]:r.push(l),e++}var X=c===
e}else var X=!0}}}else{const y={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/type",keyword:"ty\
pe",params:{type:"object"}};r===null?r=[y]:r.push(y),e++}var j=A===e;if(j&&P?(P=!1,b=[b,1]):j&&(P=!0,b=1),P)e=s,r!==null&&
(s?r.length=s:r=null);else{const y={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf",keyword:"oneOf",
params:{passingSchemas:b}};return r===null?r=[y]:r.push(y),e++,L.errors=r,!1}var a=S===e}else var a=!0;if(a){if(t.combined!==
void 0){let p=t.combined;const S=e,s=e;let P=!1,b=null;const w=e;if(p!==null){const y={instancePath:i+"/combined",schemaPath:"\
#/properties/combined/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[y]:r.push(y),e++}var ae=w===e;ae&&(P=
!0,b=0);const A=e;if(e===A)if(p&&typeof p=="object"&&!Array.isArray(p)){let y;if(p.sources===void 0&&(y="sources")||p.way===
void 0&&(y="way")||p.moved===void 0&&(y="moved")||p.finish===void 0&&(y="finish")||p.floating===void 0&&(y="floating")){
const T={instancePath:i+"/combined",schemaPath:"#/properties/combined/oneOf/1/required",keyword:"required",params:{missingProperty:y}};
r===null?r=[T]:r.push(T),e++}else{const T=e;for(const o in p)if(!(o==="sources"||o==="way"||o==="moved"||o==="painted"||
o==="finish"||o==="floating")){const c={instancePath:i+"/combined",schemaPath:"#/properties/combined/oneOf/1/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[c]:r.push(c),e++;break}if(T===e){if(p.
sources!==void 0){let o=p.sources;const c=e;if(e===c)if(Array.isArray(o))if(o.length>5e3){const n={instancePath:i+"/comb\
ined/sources",schemaPath:"#/properties/combined/oneOf/1/properties/sources/maxItems",keyword:"maxItems",params:{limit:5e3}};
r===null?r=[n]:r.push(n),e++}else if(o.length<2){const n={instancePath:i+"/combined/sources",schemaPath:"#/properties/co\
mbined/oneOf/1/properties/sources/minItems",keyword:"minItems",params:{limit:2}};r===null?r=[n]:r.push(n),e++}else{var Q=!0;
const n=o.length;for(let l=0;l<n;l++){let F=o[l];const u=e;if(e===u)if(typeof F=="string"){if(se(F)>64){const D={instancePath:i+
"/combined/sources/"+l,schemaPath:"#/properties/combined/oneOf/1/properties/sources/items/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[D]:r.push(D),e++}}else{const D={instancePath:i+"/combined/sources/"+l,schemaPath:"#/prope\
rties/combined/oneOf/1/properties/sources/items/type",keyword:"type",params:{type:"string"}};r===null?r=[D]:r.push(D),e++}
var Q=u===e;if(!Q)break}}else{const n={instancePath:i+"/combined/sources",schemaPath:"#/properties/combined/oneOf/1/prop\
erties/sources/type",keyword:"type",params:{type:"array"}};r===null?r=[n]:r.push(n),e++}var m=c===e}else var m=!0;if(m){
if(p.way!==void 0){let o=p.way;const c=e;if(!(o==="merge"||o==="fuse"||o==="focus"||o==="average"||o==="median"||o==="br\
ightest"||o==="stars"||o==="sum")){const l={instancePath:i+"/combined/way",schemaPath:"#/properties/combined/oneOf/1/pro\
perties/way/enum",keyword:"enum",params:{allowedValues:fe.properties.combined.oneOf[1].properties.way.enum}};r===null?r=
[l]:r.push(l),e++}var m=c===e}else var m=!0;if(m){if(p.moved!==void 0){let o=p.moved;const c=e;if(e===c)if(Array.isArray(
o))if(o.length>5e3){const l={instancePath:i+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/maxItems",keyword:"maxItems",params:{limit:5e3}};r===null?r=[l]:r.push(l),e++}else{var f=!0;const l=o.length;for(let F=0;F<
l;F++){let u=o[F];const z=e;if(e===z)if(u&&typeof u=="object"&&!Array.isArray(u)){let k;if(u.x===void 0&&(k="x")||u.y===
void 0&&(k="y")||u.frame===void 0&&(k="frame")){const _={instancePath:i+"/combined/moved/"+F,schemaPath:"#/properties/co\
mbined/oneOf/1/properties/moved/items/required",keyword:"required",params:{missingProperty:k}};r===null?r=[_]:r.push(_),
e++}else{const _=e;for(const h in u)if(!(h==="x"||h==="y"||h==="frame")){const x={instancePath:i+"/combined/moved/"+F,schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:h}};
r===null?r=[x]:r.push(x),e++;break}if(_===e){if(u.x!==void 0){let h=u.x;const x=e;if(e===x)if(typeof h=="number"&&isFinite(
h)){if(h>1||isNaN(h)){const K={instancePath:i+"/combined/moved/"+F+"/x",schemaPath:"#/properties/combined/oneOf/1/proper\
ties/moved/items/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[K]:r.push(K),e++}else if(h<
0||isNaN(h)){const K={instancePath:i+"/combined/moved/"+F+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/move\
d/items/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[K]:r.push(K),e++}}else{const K={
instancePath:i+"/combined/moved/"+F+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/x/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[K]:r.push(K),e++}var V=x===e}else var V=!0;if(V){if(u.y!==void 0){
let h=u.y;const x=e;if(e===x)if(typeof h=="number"&&isFinite(h)){if(h>1||isNaN(h)){const E={instancePath:i+"/combined/mo\
ved/"+F+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/maximum",keyword:"maximum",params:{
comparison:"<=",limit:1}};r===null?r=[E]:r.push(E),e++}else if(h<0||isNaN(h)){const E={instancePath:i+"/combined/moved/"+
F+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[E]:r.push(E),e++}}else{const E={instancePath:i+"/combined/moved/"+F+"/y",schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/properties/y/type",keyword:"type",params:{type:"number"}};r===null?
r=[E]:r.push(E),e++}var V=x===e}else var V=!0;if(V)if(u.frame!==void 0){let h=u.frame;const x=e;if(!(typeof h=="number"&&
!(h%1)&&!isNaN(h)&&isFinite(h))){const E={instancePath:i+"/combined/moved/"+F+"/frame",schemaPath:"#/properties/combined\
/oneOf/1/properties/moved/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[E]:r.push(E),
e++}var V=x===e}else var V=!0}}}}else{const k={instancePath:i+"/combined/moved/"+F,schemaPath:"#/properties/combined/one\
Of/1/properties/moved/items/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var f=z===e;if(!f)
break}}else{const l={instancePath:i+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved/type",keyword:"\
type",params:{type:"array"}};r===null?r=[l]:r.push(l),e++}var m=c===e}else var m=!0;if(m){if(p.painted!==void 0){let o=p.
painted;const c=e;if(e===c)if(Array.isArray(o))if(o.length>2e4){const l={instancePath:i+"/combined/painted",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/maxItems",keyword:"maxItems",params:{limit:2e4}};r===null?r=[l]:r.push(
l),e++}else{var C=!0;const l=o.length;for(let F=0;F<l;F++){let u=o[F];const z=e;if(e===z)if(u&&typeof u=="object"&&!Array.
isArray(u)){let k;if(u.x===void 0&&(k="x")||u.y===void 0&&(k="y")||u.radius===void 0&&(k="radius")||u.frame===void 0&&(k=
"frame")){const _={instancePath:i+"/combined/painted/"+F,schemaPath:"#/properties/combined/oneOf/1/properties/painted/it\
ems/required",keyword:"required",params:{missingProperty:k}};r===null?r=[_]:r.push(_),e++}else{const _=e;for(const h in u)
if(!(h==="x"||h==="y"||h==="radius"||h==="frame")){const x={instancePath:i+"/combined/painted/"+F,schemaPath:"#/properti\
es/combined/oneOf/1/properties/painted/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:h}};
r===null?r=[x]:r.push(x),e++;break}if(_===e){if(u.x!==void 0){let h=u.x;const x=e;if(!(typeof h=="number"&&isFinite(h))){
const K={instancePath:i+"/combined/painted/"+F+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/p\
roperties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[K]:r.push(K),e++}var H=x===e}else var H=!0;if(H){if(u.
y!==void 0){let h=u.y;const x=e;if(!(typeof h=="number"&&isFinite(h))){const E={instancePath:i+"/combined/painted/"+F+"/\
y",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/y/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[E]:r.push(E),e++}var H=x===e}else var H=!0;if(H){if(u.radius!==void 0){let h=u.radius;const x=e;if(e===
x)if(typeof h=="number"&&isFinite(h)){if(h>1||isNaN(h)){const E={instancePath:i+"/combined/painted/"+F+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[E]:r.push(E),e++}else if(h<0||isNaN(h)){const E={instancePath:i+"/combined/painted/"+F+"/radiu\
s",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/radius/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[E]:r.push(E),e++}}else{const E={instancePath:i+"/combined/painted/"+F+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/type",keyword:"type",params:{type:"number"}};r===
null?r=[E]:r.push(E),e++}var H=x===e}else var H=!0;if(H)if(u.frame!==void 0){let h=u.frame;const x=e;if(!(typeof h=="num\
ber"&&!(h%1)&&!isNaN(h)&&isFinite(h))){const E={instancePath:i+"/combined/painted/"+F+"/frame",schemaPath:"#/properties/\
combined/oneOf/1/properties/painted/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[E]:
r.push(E),e++}var H=x===e}else var H=!0}}}}}else{const k={instancePath:i+"/combined/painted/"+F,schemaPath:"#/properties\
/combined/oneOf/1/properties/painted/items/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var C=z===
e;if(!C)break}}else{const l={instancePath:i+"/combined/painted",schemaPath:"#/properties/combined/oneOf/1/properties/pai\
nted/type",keyword:"type",params:{type:"array"}};r===null?r=[l]:r.push(l),e++}var m=c===e}else var m=!0;if(m){if(p.finish!==
void 0){let o=p.finish;const c=e,n=e;let l=!1,F=null;const u=e;if(o!==null){const k={instancePath:i+"/combined/finish",schemaPath:"\
#/properties/combined/oneOf/1/properties/finish/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(
k),e++}var Z=u===e;Z&&(l=!0,F=0);const z=e;if(e===z)if(o&&typeof o=="object"&&!Array.isArray(o)){let k;if(o.brightness===
void 0&&(k="brightness")||o.range===void 0&&(k="range")||o.detail===void 0&&(k="detail")){const _={instancePath:i+"/comb\
ined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/required",keyword:"required",params:{missingProperty:k}};
r===null?r=[_]:r.push(_),e++}else{const _=e;for(const h in o)if(!(h==="brightness"||h==="range"||h==="detail")){const x={
instancePath:i+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:h}};r===null?r=[x]:r.push(x),e++;break}if(_===e){if(o.brightness!==
void 0){let h=o.brightness;const x=e;if(!(typeof h=="number"&&isFinite(h))){const K={instancePath:i+"/combined/finish/br\
ightness",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/brightness/type",keyword:"type",
params:{type:"number"}};r===null?r=[K]:r.push(K),e++}var B=x===e}else var B=!0;if(B){if(o.range!==void 0){let h=o.range;
const x=e;if(!(typeof h=="number"&&isFinite(h))){const E={instancePath:i+"/combined/finish/range",schemaPath:"#/properti\
es/combined/oneOf/1/properties/finish/oneOf/1/properties/range/type",keyword:"type",params:{type:"number"}};r===null?r=[
E]:r.push(E),e++}var B=x===e}else var B=!0;if(B)if(o.detail!==void 0){let h=o.detail;const x=e;if(!(typeof h=="number"&&
isFinite(h))){const E={instancePath:i+"/combined/finish/detail",schemaPath:"#/properties/combined/oneOf/1/properties/fin\
ish/oneOf/1/properties/detail/type",keyword:"type",params:{type:"number"}};r===null?r=[E]:r.push(E),e++}var B=x===e}else
var B=!0}}}}else{const k={instancePath:i+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var Z=z===e;if(Z&&l?(l=!1,F=[F,1]):Z&&
(l=!0,F=1),l)e=n,r!==null&&(n?r.length=n:r=null);else{const k={instancePath:i+"/combined/finish",schemaPath:"#/propertie\
s/combined/oneOf/1/properties/finish/oneOf",keyword:"oneOf",params:{passingSchemas:F}};r===null?r=[k]:r.push(k),e++}var m=c===
e}else var m=!0;if(m)if(p.floating!==void 0){const o=e;if(typeof p.floating!="boolean"){const n={instancePath:i+"/combin\
ed/floating",schemaPath:"#/properties/combined/oneOf/1/properties/floating/type",keyword:"type",params:{type:"boolean"}};
r===null?r=[n]:r.push(n),e++}var m=o===e}else var m=!0}}}}}}}else{const y={instancePath:i+"/combined",schemaPath:"#/prop\
erties/combined/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[y]:r.push(y),e++}var ae=A===e;if(ae&&P?
(P=!1,b=[b,1]):ae&&(P=!0,b=1),P)e=s,r!==null&&(s?r.length=s:r=null);else{const y={instancePath:i+"/combined",schemaPath:"\
#/properties/combined/oneOf",keyword:"oneOf",params:{passingSchemas:b}};return r===null?r=[y]:r.push(y),e++,L.errors=r,!1}
var a=S===e}else var a=!0;if(a)if(t.words!==void 0){let p=t.words;const S=e;if(e===S)if(p&&typeof p=="object"&&!Array.isArray(
p)){let P;if(p.source===void 0&&(P="source")||p.summary===void 0&&(P="summary"))return L.errors=[{instancePath:i+"/words",
schemaPath:"#/properties/words/required",keyword:"required",params:{missingProperty:P}}],!1;{const b=e;for(const w in p)
if(!(w==="source"||w==="summary")){return L.errors=[{instancePath:i+"/words",schemaPath:"#/properties/words/additionalPr\
operties",keyword:"additionalProperties",params:{additionalProperty:w}}],!1;break}if(b===e){if(p.source!==void 0){let w=p.
source;const A=e;if(e===A)if(typeof w=="string"){if(se(w)>200)return L.errors=[{instancePath:i+"/words/source",schemaPath:"\
#/properties/words/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return L.errors=[{instancePath:i+
"/words/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var re=A===
e}else var re=!0;if(re)if(p.summary!==void 0){let w=p.summary;const A=e;if(e===A)if(typeof w=="string"){if(se(w)>200)return L.
errors=[{instancePath:i+"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",
params:{limit:200}}],!1}else return L.errors=[{instancePath:i+"/words/summary",schemaPath:"#/properties/words/properties\
/summary/type",keyword:"type",params:{type:"string"}}],!1;var re=A===e}else var re=!0}}}else return L.errors=[{instancePath:i+
"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var a=S===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}}else
return L.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return L.errors=r,e===0}
const qe=Y,_e={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{
type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif",
"heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,
maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^da\
ta:image/jpeg;base64,"}},required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},
Ne=new RegExp("^data:image/jpeg;base64,","u");function Y(t,{instancePath:i="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let q;if(t.version===void 0&&(q="version")||t.id===
void 0&&(q="id")||t.capturedAt===void 0&&(q="capturedAt")||t.source===void 0&&(q="source")||t.summary===void 0&&(q="summ\
ary")||t.files===void 0&&(q="files")||t.thumbnail===void 0&&(q="thumbnail"))return Y.errors=[{instancePath:i,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:q}}],!1;{const J=e;for(const g in t)if(!(g==="version"||g==="id"||
g==="capturedAt"||g==="source"||g==="summary"||g==="files"||g==="thumbnail")){return Y.errors=[{instancePath:i,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:g}}],!1;break}if(J===e){if(t.version!==
void 0){const g=e;if(t.version!==1)return Y.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:1}}],!1;var a=g===e}else var a=!0;if(a){if(t.id!==void 0){let g=t.id;const O=e;if(e===O)if(typeof g==
"string"){if(!Pe.test(g))return Y.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return Y.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=O===e}else var a=!0;if(a){if(t.capturedAt!==void 0){let g=t.capturedAt;const O=e;
if(e===O)if(typeof g=="number"&&isFinite(g)){if(g<0||isNaN(g))return Y.errors=[{instancePath:i+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return Y.errors=[{instancePath:i+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=O===e}else var a=!0;
if(a){if(t.source!==void 0){let g=t.source;const O=e;if(e===O)if(typeof g=="string"){if(se(g)>200)return Y.errors=[{instancePath:i+
"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return Y.errors=[{
instancePath:i+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var a=O===e}else
var a=!0;if(a){if(t.summary!==void 0){let g=t.summary;const O=e;if(e===O)if(typeof g=="string"){if(se(g)>200)return Y.errors=
[{instancePath:i+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return Y.errors=[{instancePath:i+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",params:{type:"string"}}],
!1;var a=O===e}else var a=!0;if(a){if(t.files!==void 0){let g=t.files;const O=e;if(e===O)if(Array.isArray(g)){if(g.length>
8)return Y.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/maxItems",keyword:"maxItems",params:{limit:8}}],
!1;if(g.length<1)return Y.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/minItems",keyword:"minItems",params:{
limit:1}}],!1;{var N=!0;const ie=g.length;for(let d=0;d<ie;d++){let v=g[d];const X=e;if(e===X)if(v&&typeof v=="object"&&
!Array.isArray(v)){let Q;if(v.kind===void 0&&(Q="kind")||v.name===void 0&&(Q="name")||v.bytes===void 0&&(Q="bytes")||v.chunks===
void 0&&(Q="chunks"))return Y.errors=[{instancePath:i+"/files/"+d,schemaPath:"#/properties/files/items/required",keyword:"\
required",params:{missingProperty:Q}}],!1;{const m=e;for(const f in v)if(!(f==="kind"||f==="name"||f==="bytes"||f==="chu\
nks")){return Y.errors=[{instancePath:i+"/files/"+d,schemaPath:"#/properties/files/items/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:f}}],!1;break}if(m===e){if(v.kind!==void 0){let f=v.kind;const V=e;if(!(f===
"dng"||f==="jpeg"||f==="tiff"||f==="png"||f==="webp"||f==="avif"||f==="heic"||f==="raw"))return Y.errors=[{instancePath:i+
"/files/"+d+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"enum",params:{allowedValues:_e.properties.
files.items.properties.kind.enum}}],!1;var $=V===e}else var $=!0;if($){if(v.name!==void 0){let f=v.name;const V=e;if(e===
V)if(typeof f=="string"){if(se(f)>160)return Y.errors=[{instancePath:i+"/files/"+d+"/name",schemaPath:"#/properties/file\
s/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(se(f)<1)return Y.errors=[{instancePath:i+
"/files/"+d+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",keyword:"minLength",params:{limit:1}}],
!1}else return Y.errors=[{instancePath:i+"/files/"+d+"/name",schemaPath:"#/properties/files/items/properties/name/type",
keyword:"type",params:{type:"string"}}],!1;var $=V===e}else var $=!0;if($){if(v.bytes!==void 0){let f=v.bytes;const V=e;
if(!(typeof f=="number"&&!(f%1)&&!isNaN(f)&&isFinite(f)))return Y.errors=[{instancePath:i+"/files/"+d+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],!1;if(e===V&&typeof f=="number"&&
isFinite(f)&&(f<1||isNaN(f)))return Y.errors=[{instancePath:i+"/files/"+d+"/bytes",schemaPath:"#/properties/files/items/\
properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var $=V===e}else var $=!0;if($)if(v.chunks!==
void 0){let f=v.chunks;const V=e;if(!(typeof f=="number"&&!(f%1)&&!isNaN(f)&&isFinite(f)))return Y.errors=[{instancePath:i+
"/files/"+d+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===V&&typeof f=="number"&&isFinite(f)){if(f>4096||isNaN(f))return Y.errors=[{instancePath:i+"/files/"+d+"/chunks",
schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"<=",limit:4096}}],
!1;if(f<1||isNaN(f))return Y.errors=[{instancePath:i+"/files/"+d+"/chunks",schemaPath:"#/properties/files/items/properti\
es/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var $=V===e}else var $=!0}}}}}else return Y.errors=
[{instancePath:i+"/files/"+d,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"object"}}],!1;var N=X===
e;if(!N)break}}}else return Y.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/type",keyword:"type",params:{
type:"array"}}],!1;var a=O===e}else var a=!0;if(a)if(t.thumbnail!==void 0){let g=t.thumbnail;const O=e;if(e===O)if(typeof g==
"string"){if(!Ne.test(g))return Y.errors=[{instancePath:i+"/thumbnail",schemaPath:"#/properties/thumbnail/pattern",keyword:"\
pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return Y.errors=[{instancePath:i+"/thumbnail",schemaPath:"\
#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var a=O===e}else var a=!0}}}}}}}}else return Y.errors=
[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return Y.errors=r,e===0}const Fe=pe,be={
$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},{type:"array",minItems:3,
maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},measuredAt:{type:[
"number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,maximum:30}},
required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function pe(t,{instancePath:i="",
parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(
t)){let J;if(t.version===void 0&&(J="version")||t.response===void 0&&(J="response")||t.measuredAt===void 0&&(J="measured\
At")||t.greyStops===void 0&&(J="greyStops")||t.evOffset===void 0&&(J="evOffset"))return pe.errors=[{instancePath:i,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:J}}],!1;{const g=e;for(const O in t)if(!(O==="version"||O==="resp\
onse"||O==="measuredAt"||O==="greyStops"||O==="evOffset")){return pe.errors=[{instancePath:i,schemaPath:"#/additionalPro\
perties",keyword:"additionalProperties",params:{additionalProperty:O}}],!1;break}if(g===e){if(t.version!==void 0){const O=e;
if(t.version!==1)return pe.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:1}}],!1;var a=O===e}else var a=!0;if(a){if(t.response!==void 0){let O=t.response;const M=e,ie=e;let d=!1,v=null;
const X=e;if(O!==null){const m={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/0/type",keyword:"type",
params:{type:"null"}};r===null?r=[m]:r.push(m),e++}var q=X===e;q&&(d=!0,v=0);const j=e;if(e===j)if(Array.isArray(O))if(O.
length>3){const m={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"maxItems",params:{
limit:3}};r===null?r=[m]:r.push(m),e++}else if(O.length<3){const m={instancePath:i+"/response",schemaPath:"#/properties/\
response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[m]:r.push(m),e++}else{var N=!0;const m=O.length;
for(let f=0;f<m;f++){let V=O[f];const C=e;if(e===C)if(Array.isArray(V))if(V.length>256){const B={instancePath:i+"/respon\
se/"+f,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?r=[B]:r.
push(B),e++}else if(V.length<256){const B={instancePath:i+"/response/"+f,schemaPath:"#/properties/response/oneOf/1/items\
/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[B]:r.push(B),e++}else{var $=!0;const B=V.length;for(let Z=0;Z<
B;Z++){let ae=V[Z];const re=e;if(e===re)if(typeof ae=="number"&&isFinite(ae)){if(ae>1||isNaN(ae)){const W={instancePath:i+
"/response/"+f+"/"+Z,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[W]:r.push(W),e++}else if(ae<0||isNaN(ae)){const W={instancePath:i+"/response/"+f+"/"+Z,schemaPath:"\
#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[W]:r.
push(W),e++}}else{const W={instancePath:i+"/response/"+f+"/"+Z,schemaPath:"#/properties/response/oneOf/1/items/items/typ\
e",keyword:"type",params:{type:"number"}};r===null?r=[W]:r.push(W),e++}var $=re===e;if(!$)break}}else{const B={instancePath:i+
"/response/"+f,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[B]:
r.push(B),e++}var N=C===e;if(!N)break}}else{const m={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/\
1/type",keyword:"type",params:{type:"array"}};r===null?r=[m]:r.push(m),e++}var q=j===e;if(q&&d?(d=!1,v=[v,1]):q&&(d=!0,v=
1),d)e=ie,r!==null&&(ie?r.length=ie:r=null);else{const m={instancePath:i+"/response",schemaPath:"#/properties/response/o\
neOf",keyword:"oneOf",params:{passingSchemas:v}};return r===null?r=[m]:r.push(m),e++,pe.errors=r,!1}var a=M===e}else var a=!0;
if(a){if(t.measuredAt!==void 0){let O=t.measuredAt;const M=e;if(!(typeof O=="number"&&isFinite(O))&&O!==null)return pe.errors=
[{instancePath:i+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:be.properties.measuredAt.
type}}],!1;var a=M===e}else var a=!0;if(a){if(t.greyStops!==void 0){let O=t.greyStops;const M=e;if(e===M)if(typeof O=="n\
umber"&&isFinite(O)){if(O>4||isNaN(O))return pe.errors=[{instancePath:i+"/greyStops",schemaPath:"#/properties/greyStops/\
maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(O<-4||isNaN(O))return pe.errors=[{instancePath:i+"/g\
reyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return pe.
errors=[{instancePath:i+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;
var a=M===e}else var a=!0;if(a)if(t.evOffset!==void 0){let O=t.evOffset;const M=e;if(!(typeof O=="number"&&isFinite(O))&&
O!==null)return pe.errors=[{instancePath:i+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:be.
properties.evOffset.type}}],!1;if(e===M&&typeof O=="number"&&isFinite(O)){if(O>30||isNaN(O))return pe.errors=[{instancePath:i+
"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(O<-30||
isNaN(O))return pe.errors=[{instancePath:i+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{
comparison:">=",limit:-30}}],!1}var a=M===e}else var a=!0}}}}}}else return pe.errors=[{instancePath:i,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return pe.errors=r,e===0}const ze=we,Ce={$id:"velmo/camera-choice/1",oneOf:[{
type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},
{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{
type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"\
integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function we(t,{instancePath:i="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){
let r=null,e=0;const a=e;let N=!1,$=null;const q=e;if(e===q)if(t&&typeof t=="object"&&!Array.isArray(t)){let v;if(t.device===
void 0&&(v="device")||t.scene===void 0&&(v="scene")){const X={instancePath:i,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:v}};r===null?r=[X]:r.push(X),e++}else{const X=e;for(const j in t)if(!(j==="device"||j===
"scene")){const Q={instancePath:i,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:j}};
r===null?r=[Q]:r.push(Q),e++;break}if(X===e){if(t.device!==void 0){const j=e;if(t.device!=="simulated"){const Q={instancePath:i+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
Q]:r.push(Q),e++}var J=j===e}else var J=!0;if(J)if(t.scene!==void 0){let j=t.scene;const Q=e;if(e===Q)if(typeof j=="stri\
ng"){if(se(j)>64){const f={instancePath:i+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[f]:r.push(f),e++}}else{const f={instancePath:i+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[f]:r.push(f),e++}var J=Q===e}else var J=!0}}}else{const v={
instancePath:i,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[v]:r.push(v),e++}var d=q===
e;d&&(N=!0,$=0);const g=e;if(e===g)if(t&&typeof t=="object"&&!Array.isArray(t)){let v;if(t.device===void 0&&(v="device")){
const X={instancePath:i,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:v}};r===null?r=[X]:r.
push(X),e++}else{const X=e;for(const j in t)if(!(j==="device"||j==="camera"||j==="size")){const Q={instancePath:i,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:j}};r===null?r=[Q]:r.push(Q),e++;
break}if(X===e){if(t.device!==void 0){const j=e;if(t.device!=="browser"){const Q={instancePath:i+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[Q]:r.push(Q),e++}var O=j===
e}else var O=!0;if(O){if(t.camera!==void 0){let j=t.camera;const Q=e;if(e===Q)if(j&&typeof j=="object"&&!Array.isArray(j)){
let f;if(j.id===void 0&&(f="id")||j.label===void 0&&(f="label")){const V={instancePath:i+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:f}};r===null?r=[V]:r.push(V),e++}else{const V=e;
for(const C in j)if(!(C==="id"||C==="label")){const H={instancePath:i+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:C}};r===null?r=[H]:r.push(H),e++;break}if(V===
e){if(j.id!==void 0){let C=j.id;const H=e;if(e===H)if(typeof C=="string"){if(se(C)>512){const B={instancePath:i+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[B]:r.push(B),e++}}else{const B={instancePath:i+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[B]:r.push(B),e++}var M=H===e}else var M=!0;if(M)if(j.label!==void 0){
let C=j.label;const H=e;if(e===H)if(typeof C=="string"){if(se(C)>512){const Z={instancePath:i+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[Z]:r.push(Z),
e++}}else{const Z={instancePath:i+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[Z]:r.push(Z),e++}var M=H===e}else var M=!0}}}else{const f={instancePath:i+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}
var O=Q===e}else var O=!0;if(O)if(t.size!==void 0){let j=t.size;const Q=e;if(e===Q)if(j&&typeof j=="object"&&!Array.isArray(
j)){let f;if(j.width===void 0&&(f="width")||j.height===void 0&&(f="height")){const V={instancePath:i+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:f}};r===null?r=[V]:r.push(V),e++}else{const V=e;
for(const C in j)if(!(C==="width"||C==="height")){const H={instancePath:i+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:C}};r===null?r=[H]:r.push(H),e++;break}if(V===
e){if(j.width!==void 0){let C=j.width;const H=e;if(!(typeof C=="number"&&!(C%1)&&!isNaN(C)&&isFinite(C))){const B={instancePath:i+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[B]:r.push(B),e++}if(e===H&&typeof C=="number"&&isFinite(C)){if(C>16384||isNaN(C)){const B={instancePath:i+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[B]:r.push(B),e++}else if(C<16||isNaN(C)){const B={instancePath:i+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[B]:r.push(B),e++}}var ie=H===
e}else var ie=!0;if(ie)if(j.height!==void 0){let C=j.height;const H=e;if(!(typeof C=="number"&&!(C%1)&&!isNaN(C)&&isFinite(
C))){const Z={instancePath:i+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[Z]:r.push(Z),e++}if(e===H&&typeof C=="number"&&isFinite(C)){if(C>16384||isNaN(C)){const Z={
instancePath:i+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[Z]:r.push(Z),e++}else if(C<16||isNaN(C)){const Z={instancePath:i+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[Z]:r.push(Z),e++}}var ie=H===e}else var ie=!0}}}else{const f={instancePath:i+"/size",schemaPath:"#/oneOf/1/prope\
rties/size/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var O=Q===e}else var O=!0}}}}else{const v={
instancePath:i,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[v]:r.push(v),e++}var d=g===
e;if(d&&N?(N=!1,$=[$,1]):d&&(N=!0,$=1),N)e=a,r!==null&&(a?r.length=a:r=null);else{const v={instancePath:i,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:$}};return r===null?r=[v]:r.push(v),e++,we.errors=r,!1}return we.errors=r,
e===0}const Le=ee,Oe={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]},reframe:{type:"object",properties:{quarters:{enum:[0,1,2,3]},tilt:{type:"integer",
minimum:-450,maximum:450},crop:{type:"object",properties:{x:{type:"number",minimum:-1,maximum:2},y:{type:"number",minimum:-1,
maximum:2},width:{type:"number",minimum:.001,maximum:2},height:{type:"number",minimum:.001,maximum:2}},required:["x","y",
"width","height"],additionalProperties:!1}},required:["quarters","tilt","crop"],additionalProperties:!1}},required:["ver\
sion","roll","choice"],additionalProperties:!1};function ee(t,{instancePath:i="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let q;if(t.version===void 0&&(q="version")||t.roll===
void 0&&(q="roll")||t.choice===void 0&&(q="choice"))return ee.errors=[{instancePath:i,schemaPath:"#/required",keyword:"r\
equired",params:{missingProperty:q}}],!1;{const J=e;for(const g in t)if(!(g==="version"||g==="roll"||g==="choice"||g==="\
reframe")){return ee.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:g}}],!1;break}if(J===e){if(t.version!==void 0){const g=e;if(t.version!==1)return ee.errors=[{instancePath:i+
"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=g===e}else var a=!0;
if(a){if(t.roll!==void 0){let g=t.roll;const O=e;if(e===O)if(typeof g=="string"){if(se(g)>200)return ee.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return ee.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var a=O===e}else var a=!0;if(a){if(t.
choice!==void 0){let g=t.choice;const O=e;if(!(g==="kept"||g==="dropped"||g===null))return ee.errors=[{instancePath:i+"/\
choice",schemaPath:"#/properties/choice/enum",keyword:"enum",params:{allowedValues:Oe.properties.choice.enum}}],!1;var a=O===
e}else var a=!0;if(a)if(t.reframe!==void 0){let g=t.reframe;const O=e;if(e===O)if(g&&typeof g=="object"&&!Array.isArray(
g)){let ie;if(g.quarters===void 0&&(ie="quarters")||g.tilt===void 0&&(ie="tilt")||g.crop===void 0&&(ie="crop"))return ee.
errors=[{instancePath:i+"/reframe",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:ie}}],
!1;{const d=e;for(const v in g)if(!(v==="quarters"||v==="tilt"||v==="crop")){return ee.errors=[{instancePath:i+"/reframe",
schemaPath:"#/properties/reframe/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:v}}],!1;
break}if(d===e){if(g.quarters!==void 0){let v=g.quarters;const X=e;if(!(v===0||v===1||v===2||v===3))return ee.errors=[{instancePath:i+
"/reframe/quarters",schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:Oe.properties.
reframe.properties.quarters.enum}}],!1;var N=X===e}else var N=!0;if(N){if(g.tilt!==void 0){let v=g.tilt;const X=e;if(!(typeof v==
"number"&&!(v%1)&&!isNaN(v)&&isFinite(v)))return ee.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"#/properties/ref\
rame/properties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===X&&typeof v=="number"&&isFinite(v)){if(v>450||
isNaN(v))return ee.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:450}}],!1;if(v<-450||isNaN(v))return ee.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var N=X===e}else
var N=!0;if(N)if(g.crop!==void 0){let v=g.crop;const X=e;if(e===X)if(v&&typeof v=="object"&&!Array.isArray(v)){let Q;if(v.
x===void 0&&(Q="x")||v.y===void 0&&(Q="y")||v.width===void 0&&(Q="width")||v.height===void 0&&(Q="height"))return ee.errors=
[{instancePath:i+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:Q}}],
!1;{const m=e;for(const f in v)if(!(f==="x"||f==="y"||f==="width"||f==="height")){return ee.errors=[{instancePath:i+"/re\
frame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:f}}],!1;break}if(m===e){if(v.x!==void 0){let f=v.x;const V=e;if(e===V)if(typeof f=="number"&&isFinite(
f)){if(f>2||isNaN(f))return ee.errors=[{instancePath:i+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/cro\
p/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(f<-1||isNaN(f))return ee.errors=[{instancePath:i+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return ee.errors=[{instancePath:i+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/\
crop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var $=V===e}else var $=!0;if($){if(v.y!==void 0){let f=v.
y;const V=e;if(e===V)if(typeof f=="number"&&isFinite(f)){if(f>2||isNaN(f))return ee.errors=[{instancePath:i+"/reframe/cr\
op/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(f<-1||isNaN(f))return ee.errors=[{instancePath:i+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/cro\
p/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return ee.errors=[{instancePath:i+
"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"numbe\
r"}}],!1;var $=V===e}else var $=!0;if($){if(v.width!==void 0){let f=v.width;const V=e;if(e===V)if(typeof f=="number"&&isFinite(
f)){if(f>2||isNaN(f))return ee.errors=[{instancePath:i+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties\
/crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(f<.001||isNaN(f))return ee.errors=
[{instancePath:i+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return ee.errors=[{instancePath:i+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var $=V===e}else var $=!0;
if($)if(v.height!==void 0){let f=v.height;const V=e;if(e===V)if(typeof f=="number"&&isFinite(f)){if(f>2||isNaN(f))return ee.
errors=[{instancePath:i+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(f<.001||isNaN(f))return ee.errors=[{instancePath:i+"/refra\
me/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return ee.errors=[{instancePath:i+"/reframe/crop/height",schemaPath:"#/properties/reframe/prop\
erties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var $=V===e}else var $=!0}}}}}else return ee.
errors=[{instancePath:i+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var N=X===e}else var N=!0}}}}else return ee.errors=[{instancePath:i+"/reframe",schemaPath:"#/properties/re\
frame/type",keyword:"type",params:{type:"object"}}],!1;var a=O===e}else var a=!0}}}}}else return ee.errors=[{instancePath:i,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ee.errors=r,e===0}const De=le,Ve={$id:"velmo/roll/\
1",type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function le(t,{
instancePath:i="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let N;if(t.version===void 0&&(N="version")||t.id===void 0&&(N="id")||t.name===void 0&&(N="name")||t.madeAt===
void 0&&(N="madeAt"))return le.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:N}}],
!1;{const $=e;for(const q in t)if(!(q==="version"||q==="id"||q==="name"||q==="madeAt")){return le.errors=[{instancePath:i,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:q}}],!1;break}if($===e){if(t.
version!==void 0){const q=e;if(t.version!==1)return le.errors=[{instancePath:i+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var a=q===e}else var a=!0;if(a){if(t.id!==void 0){let q=t.id;const J=e;
if(e===J)if(typeof q=="string"){if(se(q)>200)return le.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(se(q)<1)return le.errors=[{instancePath:i+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return le.errors=[{instancePath:i+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var a=J===e}else var a=!0;if(a){if(t.name!==void 0){let q=t.
name;const J=e;if(e===J)if(typeof q=="string"){if(se(q)>40)return le.errors=[{instancePath:i+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(se(q)<1)return le.errors=[{instancePath:i+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return le.errors=[{instancePath:i+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var a=J===e}else var a=!0;if(a)if(t.madeAt!==void 0){
let q=t.madeAt;const J=e;if(e===J)if(typeof q=="number"&&isFinite(q)){if(q<0||isNaN(q))return le.errors=[{instancePath:i+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return le.
errors=[{instancePath:i+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var a=J===
e}else var a=!0}}}}}else return le.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return le.errors=r,e===0}const Ie=ue,He={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function ue(t,{instancePath:i="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t==
"object"&&!Array.isArray(t)){let N;if(t.version===void 0&&(N="version")||t.clips===void 0&&(N="clips")||t.zebra===void 0&&
(N="zebra")||t.edges===void 0&&(N="edges"))return ue.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",
params:{missingProperty:N}}],!1;{const $=e;for(const q in t)if(!(q==="version"||q==="clips"||q==="zebra"||q==="edges")){
return ue.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:q}}],
!1;break}if($===e){if(t.version!==void 0){const q=e;if(t.version!==1)return ue.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=q===e}else var a=!0;if(a){if(t.clips!==void 0){
const q=e;if(typeof t.clips!="boolean")return ue.errors=[{instancePath:i+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var a=q===e}else var a=!0;if(a){if(t.zebra!==void 0){const q=e;if(typeof t.zebra!="bo\
olean")return ue.errors=[{instancePath:i+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var a=q===e}else var a=!0;if(a)if(t.edges!==void 0){const q=e;if(typeof t.edges!="boolean")return ue.errors=[
{instancePath:i+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var a=q===e}else
var a=!0}}}}}else return ue.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ue.
errors=r,e===0}export{ze as cameraChoice,Fe as cameraLight,Le as decision,Se as frameRecord,Ie as markChoice,qe as olderFrameRecord,je as preferences,
De as rollRecord,Ae as settings};
