/* Made of the schemas by `npm run validators`. */
const Ae=$,ne={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
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
"series","delayS"],additionalProperties:!1},ke=Object.prototype.hasOwnProperty,xe=new RegExp("^[a-z0-9-]{1,32}$","u");function $(t,{
instancePath:s="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let z;if(t.version===void 0&&(z="version")||t.lens===void 0&&(z="lens")||t.crop===void 0&&(z="crop")||
t.time===void 0&&(z="time")||t.iso===void 0&&(z="iso")||t.compClicks===void 0&&(z="compClicks")||t.meter===void 0&&(z="m\
eter")||t.support===void 0&&(z="support")||t.stabiliserStops===void 0&&(z="stabiliserStops")||t.filterStops===void 0&&(z=
"filterStops")||t.torch===void 0&&(z="torch")||t.flash===void 0&&(z="flash")||t.subject===void 0&&(z="subject")||t.mainsHz===
void 0&&(z="mainsHz")||t.sizeMp===void 0&&(z="sizeMp")||t.focus===void 0&&(z="focus")||t.white===void 0&&(z="white")||t.
files===void 0&&(z="files")||t.jpegQuality===void 0&&(z="jpegQuality")||t.average===void 0&&(z="average")||t.aspect===void 0&&
(z="aspect")||t.series===void 0&&(z="series")||t.delayS===void 0&&(z="delayS"))return $.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:z}}],!1;{const L=e;for(const i in t)if(!ke.call(ne.properties,i)){
return $.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:i}}],
!1;break}if(L===e){if(t.version!==void 0){const i=e;if(t.version!==8)return $.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var o=i===e}else var o=!0;if(o){if(t.lens!==void 0){
let i=t.lens;const P=e;if(e===P)if(typeof i=="string"){if(!xe.test(i))return $.errors=[{instancePath:s+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return $.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var o=P===e}else var o=!0;if(o){if(t.
crop!==void 0){let i=t.crop;const P=e;if(e===P)if(typeof i=="number"&&isFinite(i)){if(i>4||isNaN(i))return $.errors=[{instancePath:s+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(i<1||isNaN(i))
return $.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return $.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var o=P===e}else var o=!0;if(o){if(t.time!==void 0){let i=t.time;const P=e,V=e;let H=!1,f=null;const x=e;if(e===
x)if(i&&typeof i=="object"&&!Array.isArray(i)){let m;if(i.mode===void 0&&(m="mode")){const c={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:m}};r===null?r=[c]:r.push(c),e++}else{const c=e;
for(const a in i)if(a!=="mode"){const y={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[y]:r.push(y),e++;break}if(c===e&&i.mode!==
void 0&&i.mode!=="auto"){const a={instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[a]:r.push(a),e++}}}else{const m={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[m]:r.push(m),e++}var U=x===e;U&&(H=!0,
f=0);const p=e;if(e===p)if(i&&typeof i=="object"&&!Array.isArray(i)){let m;if(i.mode===void 0&&(m="mode")||i.click===void 0&&
(m="click")){const c={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:m}};r===null?r=[c]:r.push(c),e++}else{const c=e;for(const a in i)if(!(a==="mode"||a==="click")){const y={
instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:a}};r===null?r=[y]:r.push(y),e++;break}if(c===e){if(i.mode!==void 0){const a=e;if(i.mode!=="held"){const y={
instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[y]:r.push(y),e++}var N=a===e}else var N=!0;if(N)if(i.click!==void 0){let a=i.click;const y=e;if(!(typeof a==
"number"&&!(a%1)&&!isNaN(a)&&isFinite(a))){const k={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[k]:r.push(k),e++}if(e===y&&typeof a=="number"&&
isFinite(a)){if(a>18||isNaN(a)){const k={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[k]:r.push(k),e++}else if(a<-39||isNaN(a)){
const k={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[k]:r.push(k),e++}}var N=y===e}else var N=!0}}}else{const m={instancePath:s+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[m]:r.push(m),e++}
var U=p===e;if(U&&H?(H=!1,f=[f,1]):U&&(H=!0,f=1),H)e=V,r!==null&&(V?r.length=V:r=null);else{const m={instancePath:s+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:f}};return r===null?r=[m]:r.push(m),e++,
$.errors=r,!1}var o=P===e}else var o=!0;if(o){if(t.iso!==void 0){let i=t.iso;const P=e,V=e;let H=!1,f=null;const x=e;if(e===
x)if(i&&typeof i=="object"&&!Array.isArray(i)){let m;if(i.mode===void 0&&(m="mode")){const c={instancePath:s+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:m}};r===null?r=[c]:r.push(c),e++}else{const c=e;
for(const a in i)if(a!=="mode"){const y={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[y]:r.push(y),e++;break}if(c===e&&i.mode!==void 0&&
i.mode!=="auto"){const a={instancePath:s+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[a]:r.push(a),e++}}}else{const m={instancePath:s+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[m]:r.push(m),e++}var G=x===e;G&&(H=!0,f=0);
const p=e;if(e===p)if(i&&typeof i=="object"&&!Array.isArray(i)){let m;if(i.mode===void 0&&(m="mode")||i.click===void 0&&
(m="click")){const c={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:m}};
r===null?r=[c]:r.push(c),e++}else{const c=e;for(const a in i)if(!(a==="mode"||a==="click")){const y={instancePath:s+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}};
r===null?r=[y]:r.push(y),e++;break}if(c===e){if(i.mode!==void 0){const a=e;if(i.mode!=="held"){const y={instancePath:s+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[y]:r.push(y),e++}var S=a===e}else var S=!0;if(S)if(i.click!==void 0){let a=i.click;const y=e;if(!(typeof a=="num\
ber"&&!(a%1)&&!isNaN(a)&&isFinite(a))){const k={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[k]:r.push(k),e++}if(e===y&&typeof a=="number"&&isFinite(
a)){if(a>24||isNaN(a)){const k={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[k]:r.push(k),e++}else if(a<-6||isNaN(a)){const k={instancePath:s+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[k]:r.push(k),e++}}var S=y===e}else var S=!0}}}else{const m={instancePath:s+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[m]:r.push(m),e++}var G=p===e;if(G&&H?(H=!1,f=[f,1]):
G&&(H=!0,f=1),H)e=V,r!==null&&(V?r.length=V:r=null);else{const m={instancePath:s+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:f}};return r===null?r=[m]:r.push(m),e++,$.errors=r,!1}var o=P===e}else var o=!0;
if(o){if(t.compClicks!==void 0){let i=t.compClicks;const P=e;if(e===P)if(typeof i=="number"&&isFinite(i)){if(i>18||isNaN(
i))return $.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(i<-18||isNaN(i))return $.errors=[{instancePath:s+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let H;if(H=i/.5,H!==parseInt(H))return $.
errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return $.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var o=P===e}else var o=!0;if(o){if(t.meter!==void 0){let i=t.meter;const P=e;if(e===P)if(i&&typeof i==
"object"&&!Array.isArray(i)){let H;if(i.pattern===void 0&&(H="pattern")||i.spot===void 0&&(H="spot")||i.lockedEv100===void 0&&
(H="lockedEv100"))return $.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:H}}],!1;{const f=e;for(const x in i)if(!(x==="pattern"||x==="spot"||x==="lockedEv100")){return $.
errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:x}}],!1;break}if(f===e){if(i.pattern!==void 0){let x=i.pattern;const p=e;if(!(x==="whole"||x==="centr\
e"||x==="spot"||x==="highlights"))return $.errors=[{instancePath:s+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:ne.properties.meter.properties.pattern.enum}}],!1;var g=p===e}else
var g=!0;if(g){if(i.spot!==void 0){let x=i.spot;const p=e;if(e===p)if(x&&typeof x=="object"&&!Array.isArray(x)){let m;if(x.
x===void 0&&(m="x")||x.y===void 0&&(m="y"))return $.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:m}}],!1;{const c=e;for(const a in x)if(!(a==="x"||
a==="y")){return $.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:a}}],!1;break}if(c===e){if(x.x!==void 0){let a=x.x;const y=e;
if(e===y)if(typeof a=="number"&&isFinite(a)){if(a>1||isNaN(a))return $.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(a<0||
isNaN(a))return $.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return $.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var b=y===e}else var b=!0;
if(b)if(x.y!==void 0){let a=x.y;const y=e;if(e===y)if(typeof a=="number"&&isFinite(a)){if(a>1||isNaN(a))return $.errors=
[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(a<0||isNaN(a))return $.errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return $.
errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var b=y===e}else var b=!0}}}else return $.errors=[{instancePath:s+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var g=p===e}else var g=!0;if(g)if(i.
lockedEv100!==void 0){let x=i.lockedEv100;const p=e;if(!(typeof x=="number"&&isFinite(x))&&x!==null)return $.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:ne.properties.
meter.properties.lockedEv100.type}}],!1;if(e===p&&typeof x=="number"&&isFinite(x)){if(x>30||isNaN(x))return $.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(x<-20||isNaN(x))return $.errors=[{instancePath:s+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var g=p===e}else var g=!0}}}}else
return $.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var o=P===e}else var o=!0;if(o){if(t.support!==void 0){let i=t.support;const P=e;if(!(i==="hand"||i==="tripod"))return $.
errors=[{instancePath:s+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:ne.properties.
support.enum}}],!1;var o=P===e}else var o=!0;if(o){if(t.stabiliserStops!==void 0){let i=t.stabiliserStops;const P=e;if(!(typeof i==
"number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return $.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===P&&typeof i=="number"&&isFinite(i)){if(i>5||isNaN(
i))return $.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(i<0||isNaN(i))return $.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var o=P===e}else var o=!0;
if(o){if(t.filterStops!==void 0){let i=t.filterStops;const P=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))
return $.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===P&&typeof i=="number"&&isFinite(i)){if(i>10||isNaN(i))return $.errors=[{instancePath:s+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(i<0||isNaN(
i))return $.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var o=P===e}else var o=!0;if(o){if(t.torch!==void 0){const i=e;if(typeof t.torch!="boolean")
return $.errors=[{instancePath:s+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var o=i===e}else var o=!0;if(o){if(t.flash!==void 0){let i=t.flash;const P=e;if(!(i==="off"||i==="begin"||i==="end"))
return $.errors=[{instancePath:s+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:ne.properties.
flash.enum}}],!1;var o=P===e}else var o=!0;if(o){if(t.subject!==void 0){let i=t.subject;const P=e;if(!(i==="scene"||i===
"still"||i==="walking"||i==="running"||i==="vehicle"))return $.errors=[{instancePath:s+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:ne.properties.subject.enum}}],!1;var o=P===e}else var o=!0;if(o){if(t.
mainsHz!==void 0){let i=t.mainsHz;const P=e;if(!(i===50||i===60))return $.errors=[{instancePath:s+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:ne.properties.mainsHz.enum}}],!1;var o=P===e}else var o=!0;
if(o){if(t.sizeMp!==void 0){let i=t.sizeMp;const P=e;if(!(i===12||i===3))return $.errors=[{instancePath:s+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:ne.properties.sizeMp.enum}}],!1;var o=P===e}else var o=!0;
if(o){if(t.focus!==void 0){let i=t.focus;const P=e,V=e;let H=!1,f=null;const x=e;if(e===x)if(i&&typeof i=="object"&&!Array.
isArray(i)){let m;if(i.mode===void 0&&(m="mode")||i.spot===void 0&&(m="spot")||i.follow===void 0&&(m="follow")){const c={
instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:m}};
r===null?r=[c]:r.push(c),e++}else{const c=e;for(const a in i)if(!(a==="mode"||a==="spot"||a==="follow")){const y={instancePath:s+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}};
r===null?r=[y]:r.push(y),e++;break}if(c===e){if(i.mode!==void 0){const a=e;if(i.mode!=="auto"){const y={instancePath:s+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[y]:r.push(y),e++}var W=a===e}else var W=!0;if(W){if(i.spot!==void 0){let a=i.spot;const y=e;if(e===y)if(a&&typeof a==
"object"&&!Array.isArray(a)){let k;if(a.x===void 0&&(k="x")||a.y===void 0&&(k="y")){const _={instancePath:s+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:k}};r===null?
r=[_]:r.push(_),e++}else{const _=e;for(const D in a)if(!(D==="x"||D==="y")){const h={instancePath:s+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:D}};
r===null?r=[h]:r.push(h),e++;break}if(_===e){if(a.x!==void 0){let D=a.x;const h=e;if(e===h)if(typeof D=="number"&&isFinite(
D)){if(D>1||isNaN(D)){const O={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[O]:r.push(O),e++}else if(D<0||isNaN(D)){
const O={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[O]:r.push(O),e++}}else{const O={instancePath:s+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[O]:r.push(
O),e++}var ee=h===e}else var ee=!0;if(ee)if(a.y!==void 0){let D=a.y;const h=e;if(e===h)if(typeof D=="number"&&isFinite(D)){
if(D>1||isNaN(D)){const C={instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[C]:r.push(C),e++}else if(D<0||isNaN(D)){const C={
instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[C]:r.push(C),e++}}else{const C={instancePath:s+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[C]:r.push(
C),e++}var ee=h===e}else var ee=!0}}}else{const k={instancePath:s+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/p\
roperties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var W=y===e}else var W=!0;if(W)
if(i.follow!==void 0){const a=e;if(typeof i.follow!="boolean"){const R={instancePath:s+"/focus/follow",schemaPath:"#/pro\
perties/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[R]:r.push(R),e++}var W=a===
e}else var W=!0}}}}else{const m={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[m]:r.push(m),e++}var v=x===e;v&&(H=!0,f=0);const p=e;if(e===p)if(i&&typeof i=="object"&&!Array.
isArray(i)){let m;if(i.mode===void 0&&(m="mode")||i.dioptres===void 0&&(m="dioptres")){const c={instancePath:s+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:m}};r===null?r=[c]:r.push(c),
e++}else{const c=e;for(const a in i)if(!(a==="mode"||a==="dioptres")){const y={instancePath:s+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[y]:
r.push(y),e++;break}if(c===e){if(i.mode!==void 0){const a=e;if(i.mode!=="held"){const y={instancePath:s+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[y]:r.push(y),
e++}var d=a===e}else var d=!0;if(d)if(i.dioptres!==void 0){let a=i.dioptres;const y=e;if(e===y)if(typeof a=="number"&&isFinite(
a)){if(a>25||isNaN(a)){const k={instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[k]:r.push(k),e++}else if(a<-1||isNaN(a)){const k={
instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[k]:r.push(k),e++}}else{const k={instancePath:s+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[k]:r.push(k),e++}var d=y===
e}else var d=!0}}}else{const m={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[m]:r.push(m),e++}var v=p===e;if(v&&H?(H=!1,f=[f,1]):v&&(H=!0,f=1),H)e=V,r!==null&&(V?r.length=
V:r=null);else{const m={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:f}};
return r===null?r=[m]:r.push(m),e++,$.errors=r,!1}var o=P===e}else var o=!0;if(o){if(t.white!==void 0){let i=t.white;const P=e,
V=e;let H=!1,f=null;const x=e;if(e===x)if(i&&typeof i=="object"&&!Array.isArray(i)){let m;if(i.mode===void 0&&(m="mode")||
i.locked===void 0&&(m="locked")){const c={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:m}};r===null?r=[c]:r.push(c),e++}else{const c=e;for(const a in i)if(!(a==="mode"||a===
"locked")){const y={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:a}};r===null?r=[y]:r.push(y),e++;break}if(c===e){if(i.mode!==void 0){const a=e;
if(i.mode!=="auto"){const y={instancePath:s+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[y]:r.push(y),e++}var K=a===e}else var K=!0;if(K)if(i.locked!==
void 0){let a=i.locked;const y=e,R=e;let k=!1,_=null;const D=e;if(a!==null){const C={instancePath:s+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[C]:r.push(C),
e++}var Z=D===e;Z&&(k=!0,_=0);const h=e;if(e===h)if(a&&typeof a=="object"&&!Array.isArray(a)){let C;if(a.kelvin===void 0&&
(C="kelvin")||a.tint===void 0&&(C="tint")){const q={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:C}};r===null?r=[q]:r.push(q),e++}else{const q=e;
for(const te in a)if(!(te==="kelvin"||te==="tint")){const oe={instancePath:s+"/white/locked",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:te}};
r===null?r=[oe]:r.push(oe),e++;break}if(q===e){if(a.kelvin!==void 0){let te=a.kelvin;const oe=e;if(e===oe)if(typeof te==
"number"&&isFinite(te)){if(te>12e3||isNaN(te)){const ie={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/\
white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};
r===null?r=[ie]:r.push(ie),e++}else if(te<2e3||isNaN(te)){const ie={instancePath:s+"/white/locked/kelvin",schemaPath:"#/\
properties/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",
limit:2e3}};r===null?r=[ie]:r.push(ie),e++}}else{const ie={instancePath:s+"/white/locked/kelvin",schemaPath:"#/propertie\
s/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[ie]:
r.push(ie),e++}var A=oe===e}else var A=!0;if(A)if(a.tint!==void 0){let te=a.tint;const oe=e;if(e===oe)if(typeof te=="num\
ber"&&isFinite(te)){if(te>30||isNaN(te)){const ae={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/on\
eOf/0/properties/locked/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=
[ae]:r.push(ae),e++}else if(te<-30||isNaN(te)){const ae={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===
null?r=[ae]:r.push(ae),e++}}else{const ae={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/pr\
operties/locked/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[ae]:r.push(ae),e++}var A=oe===
e}else var A=!0}}}else{const C={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[C]:r.push(C),e++}var Z=h===e;if(Z&&k?(k=!1,_=[_,1]):Z&&
(k=!0,_=1),k)e=R,r!==null&&(R?r.length=R:r=null);else{const C={instancePath:s+"/white/locked",schemaPath:"#/properties/w\
hite/oneOf/0/properties/locked/oneOf",keyword:"oneOf",params:{passingSchemas:_}};r===null?r=[C]:r.push(C),e++}var K=y===
e}else var K=!0}}}else{const m={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[m]:r.push(m),e++}var u=x===e;u&&(H=!0,f=0);const p=e;if(e===p)if(i&&typeof i=="object"&&!Array.
isArray(i)){let m;if(i.mode===void 0&&(m="mode")||i.kelvin===void 0&&(m="kelvin")||i.tint===void 0&&(m="tint")){const c={
instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:m}};
r===null?r=[c]:r.push(c),e++}else{const c=e;for(const a in i)if(!(a==="mode"||a==="kelvin"||a==="tint")){const y={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}};
r===null?r=[y]:r.push(y),e++;break}if(c===e){if(i.mode!==void 0){const a=e;if(i.mode!=="held"){const y={instancePath:s+"\
/white/mode",schemaPath:"#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};
r===null?r=[y]:r.push(y),e++}var l=a===e}else var l=!0;if(l){if(i.kelvin!==void 0){let a=i.kelvin;const y=e;if(e===y)if(typeof a==
"number"&&isFinite(a)){if(a>12e3||isNaN(a)){const k={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf\
/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[k]:r.push(k),e++}else if(a<
2e3||isNaN(a)){const k={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",
keyword:"minimum",params:{comparison:">=",limit:2e3}};r===null?r=[k]:r.push(k),e++}}else{const k={instancePath:s+"/white\
/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?
r=[k]:r.push(k),e++}var l=y===e}else var l=!0;if(l)if(i.tint!==void 0){let a=i.tint;const y=e;if(e===y)if(typeof a=="num\
ber"&&isFinite(a)){if(a>30||isNaN(a)){const k={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/prope\
rties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[k]:r.push(k),e++}else if(a<-30||isNaN(
a)){const k={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minim\
um",params:{comparison:">=",limit:-30}};r===null?r=[k]:r.push(k),e++}}else{const k={instancePath:s+"/white/tint",schemaPath:"\
#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[k]:r.push(k),e++}var l=y===
e}else var l=!0}}}}else{const m={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[m]:r.push(m),e++}var u=p===e;if(u&&H?(H=!1,f=[f,1]):u&&(H=!0,f=1),H)e=V,r!==null&&(V?r.length=
V:r=null);else{const m={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:f}};
return r===null?r=[m]:r.push(m),e++,$.errors=r,!1}var o=P===e}else var o=!0;if(o){if(t.files!==void 0){let i=t.files;const P=e;
if(!(i==="dng"||i==="dng+jpeg"||i==="jpeg"||i==="tiff"||i==="png"))return $.errors=[{instancePath:s+"/files",schemaPath:"\
#/properties/files/enum",keyword:"enum",params:{allowedValues:ne.properties.files.enum}}],!1;var o=P===e}else var o=!0;if(o){
if(t.jpegQuality!==void 0){let i=t.jpegQuality;const P=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return $.
errors=[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===P&&typeof i=="number"&&isFinite(i)){if(i>100||isNaN(i))return $.errors=[{instancePath:s+"/jpegQuality",schemaPath:"\
#/properties/jpegQuality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(i<60||isNaN(i))return $.errors=
[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",
limit:60}}],!1}var o=P===e}else var o=!0;if(o){if(t.average!==void 0){let i=t.average;const P=e,V=e;let H=!1,f=null;const x=e;
if(i!==1){const m={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};
r===null?r=[m]:r.push(m),e++}var E=x===e;E&&(H=!0,f=0);const p=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i))){
const m={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};
r===null?r=[m]:r.push(m),e++}if(e===p&&typeof i=="number"&&isFinite(i)){if(i>64||isNaN(i)){const m={instancePath:s+"/ave\
rage",schemaPath:"#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=
[m]:r.push(m),e++}else if(i<4||isNaN(i)){const m={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/min\
imum",keyword:"minimum",params:{comparison:">=",limit:4}};r===null?r=[m]:r.push(m),e++}}var E=p===e;if(E&&H?(H=!1,f=[f,1]):
E&&(H=!0,f=1),H)e=V,r!==null&&(V?r.length=V:r=null);else{const m={instancePath:s+"/average",schemaPath:"#/properties/ave\
rage/oneOf",keyword:"oneOf",params:{passingSchemas:f}};return r===null?r=[m]:r.push(m),e++,$.errors=r,!1}var o=P===e}else
var o=!0;if(o){if(t.aspect!==void 0){let i=t.aspect;const P=e;if(!(i==="4:3"||i==="3:2"||i==="16:9"||i==="1:1"))return $.
errors=[{instancePath:s+"/aspect",schemaPath:"#/properties/aspect/enum",keyword:"enum",params:{allowedValues:ne.properties.
aspect.enum}}],!1;var o=P===e}else var o=!0;if(o){if(t.series!==void 0){let i=t.series;const P=e,V=e;let H=!1,f=null;const x=e;
if(e===x)if(i&&typeof i=="object"&&!Array.isArray(i)){let m;if(i.kind===void 0&&(m="kind")){const c={instancePath:s+"/se\
ries",schemaPath:"#/properties/series/oneOf/0/required",keyword:"required",params:{missingProperty:m}};r===null?r=[c]:r.
push(c),e++}else{const c=e;for(const a in i)if(a!=="kind"){const y={instancePath:s+"/series",schemaPath:"#/properties/se\
ries/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[y]:r.push(y),
e++;break}if(c===e&&i.kind!==void 0&&i.kind!=="single"){const a={instancePath:s+"/series/kind",schemaPath:"#/properties/\
series/oneOf/0/properties/kind/const",keyword:"const",params:{allowedValue:"single"}};r===null?r=[a]:r.push(a),e++}}}else{
const m={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===
null?r=[m]:r.push(m),e++}var Q=x===e;Q&&(H=!0,f=0);const p=e;if(e===p)if(i&&typeof i=="object"&&!Array.isArray(i)){let m;
if(i.kind===void 0&&(m="kind")||i.frames===void 0&&(m="frames")||i.stepClicks===void 0&&(m="stepClicks")||i.order===void 0&&
(m="order")){const c={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{
missingProperty:m}};r===null?r=[c]:r.push(c),e++}else{const c=e;for(const a in i)if(!(a==="kind"||a==="frames"||a==="ste\
pClicks"||a==="order")){const y={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[y]:r.push(y),e++;break}if(c===e){if(i.kind!==void 0){
const a=e;if(i.kind!=="bracket"){const y={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properti\
es/kind/const",keyword:"const",params:{allowedValue:"bracket"}};r===null?r=[y]:r.push(y),e++}var j=a===e}else var j=!0;if(j){
if(i.frames!==void 0){let a=i.frames;const y=e;if(!(typeof a=="number"&&!(a%1)&&!isNaN(a)&&isFinite(a))){const k={instancePath:s+
"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};
r===null?r=[k]:r.push(k),e++}if(e===y&&typeof a=="number"&&isFinite(a)){if(a>9||isNaN(a)){const k={instancePath:s+"/seri\
es/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",
limit:9}};r===null?r=[k]:r.push(k),e++}else if(a<2||isNaN(a)){const k={instancePath:s+"/series/frames",schemaPath:"#/pro\
perties/series/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[k]:r.push(
k),e++}}var j=y===e}else var j=!0;if(j){if(i.stepClicks!==void 0){let a=i.stepClicks;const y=e;if(!(typeof a=="number"&&
!(a%1)&&!isNaN(a)&&isFinite(a))){const k={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/pr\
operties/stepClicks/type",keyword:"type",params:{type:"integer"}};r===null?r=[k]:r.push(k),e++}if(e===y&&typeof a=="numb\
er"&&isFinite(a)){if(a>9||isNaN(a)){const k={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1\
/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[k]:r.push(k),e++}else if(a<
1||isNaN(a)){const k={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/\
minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[k]:r.push(k),e++}}var j=y===e}else var j=!0;if(j)
if(i.order!==void 0){let a=i.order;const y=e;if(!(a==="middle-first"||a==="dark-first"||a==="bright-first")){const k={instancePath:s+
"/series/order",schemaPath:"#/properties/series/oneOf/1/properties/order/enum",keyword:"enum",params:{allowedValues:ne.properties.
series.oneOf[1].properties.order.enum}};r===null?r=[k]:r.push(k),e++}var j=y===e}else var j=!0}}}}}else{const m={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[m]:r.push(m),
e++}var Q=p===e;if(Q&&H)H=!1,f=[f,1];else{Q&&(H=!0,f=1);const m=e;if(e===m)if(i&&typeof i=="object"&&!Array.isArray(i)){
let a;if(i.kind===void 0&&(a="kind")||i.frames===void 0&&(a="frames")){const y={instancePath:s+"/series",schemaPath:"#/p\
roperties/series/oneOf/2/required",keyword:"required",params:{missingProperty:a}};r===null?r=[y]:r.push(y),e++}else{const y=e;
for(const R in i)if(!(R==="kind"||R==="frames")){const k={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:R}};r===null?r=[k]:r.push(k),e++;break}
if(y===e){if(i.kind!==void 0){const R=e;if(i.kind!=="burst"){const k={instancePath:s+"/series/kind",schemaPath:"#/proper\
ties/series/oneOf/2/properties/kind/const",keyword:"const",params:{allowedValue:"burst"}};r===null?r=[k]:r.push(k),e++}var J=R===
e}else var J=!0;if(J)if(i.frames!==void 0){let R=i.frames;const k=e;if(!(typeof R=="number"&&!(R%1)&&!isNaN(R)&&isFinite(
R))){const D={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[D]:r.push(D),e++}if(e===k&&typeof R=="number"&&isFinite(R)){if(R>60||isNaN(R)){
const D={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:60}};r===null?r=[D]:r.push(D),e++}else if(R<3||isNaN(R)){const D={instancePath:s+"/s\
eries/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">\
=",limit:3}};r===null?r=[D]:r.push(D),e++}}var J=k===e}else var J=!0}}}else{const a={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[a]:r.push(a),e++}var Q=m===e;if(Q&&
H)H=!1,f=[f,2];else{Q&&(H=!0,f=2);const a=e;if(e===a)if(i&&typeof i=="object"&&!Array.isArray(i)){let R;if(i.kind===void 0&&
(R="kind")||i.places===void 0&&(R="places")||i.nearDioptres===void 0&&(R="nearDioptres")||i.farDioptres===void 0&&(R="fa\
rDioptres")||i.overlap===void 0&&(R="overlap")){const k={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/\
3/required",keyword:"required",params:{missingProperty:R}};r===null?r=[k]:r.push(k),e++}else{const k=e;for(const _ in i)
if(!(_==="kind"||_==="places"||_==="nearDioptres"||_==="farDioptres"||_==="overlap")){const D={instancePath:s+"/series",
schemaPath:"#/properties/series/oneOf/3/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:_}};
r===null?r=[D]:r.push(D),e++;break}if(k===e){if(i.kind!==void 0){const _=e;if(i.kind!=="focus"){const D={instancePath:s+
"/series/kind",schemaPath:"#/properties/series/oneOf/3/properties/kind/const",keyword:"const",params:{allowedValue:"focu\
s"}};r===null?r=[D]:r.push(D),e++}var M=_===e}else var M=!0;if(M){if(i.places!==void 0){let _=i.places;const D=e,h=e;let O=!1,
C=null;const q=e;if(_!==null){const ie={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properti\
es/places/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[ie]:r.push(ie),e++}var re=q===e;re&&(O=!0,C=0);
const te=e;if(e===te)if(Array.isArray(_))if(_.length>30){const ie={instancePath:s+"/series/places",schemaPath:"#/propert\
ies/series/oneOf/3/properties/places/oneOf/1/maxItems",keyword:"maxItems",params:{limit:30}};r===null?r=[ie]:r.push(ie),
e++}else{var T=!0;const ie=_.length;for(let ae=0;ae<ie;ae++){let ve=_[ae];const ge=e;if(e===ge)if(typeof ve=="number"&&isFinite(
ve)){if(ve>25||isNaN(ve)){const he={instancePath:s+"/series/places/"+ae,schemaPath:"#/properties/series/oneOf/3/properti\
es/places/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[he]:r.push(he),e++}else if(ve<
-1||isNaN(ve)){const he={instancePath:s+"/series/places/"+ae,schemaPath:"#/properties/series/oneOf/3/properties/places/o\
neOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[he]:r.push(he),e++}}else{const he={
instancePath:s+"/series/places/"+ae,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/type",keyword:"\
type",params:{type:"number"}};r===null?r=[he]:r.push(he),e++}var T=ge===e;if(!T)break}}else{const ie={instancePath:s+"/s\
eries/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/type",keyword:"type",params:{type:"array"}};
r===null?r=[ie]:r.push(ie),e++}var re=te===e;if(re&&O?(O=!1,C=[C,1]):re&&(O=!0,C=1),O)e=h,r!==null&&(h?r.length=h:r=null);else{
const ie={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf",keyword:"oneO\
f",params:{passingSchemas:C}};r===null?r=[ie]:r.push(ie),e++}var M=D===e}else var M=!0;if(M){if(i.nearDioptres!==void 0){
let _=i.nearDioptres;const D=e;if(e===D)if(typeof _=="number"&&isFinite(_)){if(_>25||isNaN(_)){const O={instancePath:s+"\
/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/maximum",keyword:"maximum",params:{
comparison:"<=",limit:25}};r===null?r=[O]:r.push(O),e++}else if(_<-1||isNaN(_)){const O={instancePath:s+"/series/nearDio\
ptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/minimum",keyword:"minimum",params:{comparison:">=",
limit:-1}};r===null?r=[O]:r.push(O),e++}}else{const O={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/se\
ries/oneOf/3/properties/nearDioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[O]:r.push(O),e++}var M=D===
e}else var M=!0;if(M){if(i.farDioptres!==void 0){let _=i.farDioptres;const D=e;if(e===D)if(typeof _=="number"&&isFinite(
_)){if(_>25||isNaN(_)){const O={instancePath:s+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/\
farDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[O]:r.push(O),e++}else if(_<-1||isNaN(
_)){const O={instancePath:s+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/minimum",
keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[O]:r.push(O),e++}}else{const O={instancePath:s+"/series\
/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/type",keyword:"type",params:{type:"number"}};
r===null?r=[O]:r.push(O),e++}var M=D===e}else var M=!0;if(M)if(i.overlap!==void 0){let _=i.overlap;const D=e;if(e===D)if(typeof _==
"number"&&isFinite(_)){if(_>.8||isNaN(_)){const O={instancePath:s+"/series/overlap",schemaPath:"#/properties/series/oneO\
f/3/properties/overlap/maximum",keyword:"maximum",params:{comparison:"<=",limit:.8}};r===null?r=[O]:r.push(O),e++}else if(_<
0||isNaN(_)){const O={instancePath:s+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/minimu\
m",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[O]:r.push(O),e++}}else{const O={instancePath:s+"/seri\
es/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/type",keyword:"type",params:{type:"number"}};r===
null?r=[O]:r.push(O),e++}var M=D===e}else var M=!0}}}}}}else{const R={instancePath:s+"/series",schemaPath:"#/properties/\
series/oneOf/3/type",keyword:"type",params:{type:"object"}};r===null?r=[R]:r.push(R),e++}var Q=a===e;if(Q&&H)H=!1,f=[f,3];else{
Q&&(H=!0,f=3);const R=e;if(e===R)if(i&&typeof i=="object"&&!Array.isArray(i)){let _;if(i.kind===void 0&&(_="kind")||i.everyS===
void 0&&(_="everyS")||i.frames===void 0&&(_="frames")||i.exposure===void 0&&(_="exposure")||i.lightS===void 0&&(_="light\
S")){const D={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/required",keyword:"required",params:{missingProperty:_}};
r===null?r=[D]:r.push(D),e++}else{const D=e;for(const h in i)if(!(h==="kind"||h==="everyS"||h==="frames"||h==="exposure"||
h==="lightS")){const O={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:h}};r===null?r=[O]:r.push(O),e++;break}if(D===e){if(i.kind!==void 0){const h=e;
if(i.kind!=="interval"){const O={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/c\
onst",keyword:"const",params:{allowedValue:"interval"}};r===null?r=[O]:r.push(O),e++}var n=h===e}else var n=!0;if(n){if(i.
everyS!==void 0){let h=i.everyS;const O=e;if(!(typeof h=="number"&&!(h%1)&&!isNaN(h)&&isFinite(h))){const q={instancePath:s+
"/series/everyS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};
r===null?r=[q]:r.push(q),e++}if(e===O&&typeof h=="number"&&isFinite(h)){if(h>3600||isNaN(h)){const q={instancePath:s+"/s\
eries/everyS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:3600}};r===null?r=[q]:r.push(q),e++}else if(h<1||isNaN(h)){const q={instancePath:s+"/series/everyS",schemaPath:"\
#/properties/series/oneOf/4/properties/everyS/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[q]:
r.push(q),e++}}var n=O===e}else var n=!0;if(n){if(i.frames!==void 0){let h=i.frames;const O=e;if(!(typeof h=="number"&&!(h%
1)&&!isNaN(h)&&isFinite(h))){const q={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties\
/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[q]:r.push(q),e++}if(e===O&&typeof h=="number"&&isFinite(
h)){if(h>999||isNaN(h)){const q={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/fram\
es/maximum",keyword:"maximum",params:{comparison:"<=",limit:999}};r===null?r=[q]:r.push(q),e++}else if(h<2||isNaN(h)){const q={
instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{
comparison:">=",limit:2}};r===null?r=[q]:r.push(q),e++}}var n=O===e}else var n=!0;if(n){if(i.exposure!==void 0){let h=i.
exposure;const O=e;if(!(h==="held"||h==="metered")){const q={instancePath:s+"/series/exposure",schemaPath:"#/properties/\
series/oneOf/4/properties/exposure/enum",keyword:"enum",params:{allowedValues:ne.properties.series.oneOf[4].properties.exposure.
enum}};r===null?r=[q]:r.push(q),e++}var n=O===e}else var n=!0;if(n)if(i.lightS!==void 0){let h=i.lightS;const O=e;if(!(typeof h==
"number"&&!(h%1)&&!isNaN(h)&&isFinite(h))){const q={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneO\
f/4/properties/lightS/type",keyword:"type",params:{type:"integer"}};r===null?r=[q]:r.push(q),e++}if(e===O&&typeof h=="nu\
mber"&&isFinite(h)){if(h>86400||isNaN(h)){const q={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf\
/4/properties/lightS/maximum",keyword:"maximum",params:{comparison:"<=",limit:86400}};r===null?r=[q]:r.push(q),e++}else if(h<
0||isNaN(h)){const q={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/minimum",
keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[q]:r.push(q),e++}}var n=O===e}else var n=!0}}}}}}else{const _={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/type",keyword:"type",params:{type:"object"}};r===null?r=
[_]:r.push(_),e++}var Q=R===e;if(Q&&H)H=!1,f=[f,4];else{Q&&(H=!0,f=4);const _=e;if(e===_)if(i&&typeof i=="object"&&!Array.
isArray(i)){let h;if(i.kind===void 0&&(h="kind")||i.totalS===void 0&&(h="totalS")||i.gather===void 0&&(h="gather")){const O={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/5/required",keyword:"required",params:{missingProperty:h}};
r===null?r=[O]:r.push(O),e++}else{const O=e;for(const C in i)if(!(C==="kind"||C==="totalS"||C==="gather")){const q={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:C}};
r===null?r=[q]:r.push(q),e++;break}if(O===e){if(i.kind!==void 0){const C=e;if(i.kind!=="long"){const q={instancePath:s+"\
/series/kind",schemaPath:"#/properties/series/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};
r===null?r=[q]:r.push(q),e++}var w=C===e}else var w=!0;if(w){if(i.totalS!==void 0){let C=i.totalS;const q=e;if(!(typeof C==
"number"&&!(C%1)&&!isNaN(C)&&isFinite(C))){const oe={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/one\
Of/5/properties/totalS/type",keyword:"type",params:{type:"integer"}};r===null?r=[oe]:r.push(oe),e++}if(e===q&&typeof C==
"number"&&isFinite(C)){if(C>7200||isNaN(C)){const oe={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/on\
eOf/5/properties/totalS/maximum",keyword:"maximum",params:{comparison:"<=",limit:7200}};r===null?r=[oe]:r.push(oe),e++}else if(C<
30||isNaN(C)){const oe={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimu\
m",keyword:"minimum",params:{comparison:">=",limit:30}};r===null?r=[oe]:r.push(oe),e++}}var w=q===e}else var w=!0;if(w)if(i.
gather!==void 0){let C=i.gather;const q=e;if(!(C==="mean"||C==="sum"||C==="brightest")){const oe={instancePath:s+"/serie\
s/gather",schemaPath:"#/properties/series/oneOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:ne.properties.
series.oneOf[5].properties.gather.enum}};r===null?r=[oe]:r.push(oe),e++}var w=q===e}else var w=!0}}}}else{const h={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),
e++}var Q=_===e;Q&&H?(H=!1,f=[f,5]):Q&&(H=!0,f=5)}}}}if(H)e=V,r!==null&&(V?r.length=V:r=null);else{const m={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:f}};return r===null?r=[m]:r.push(
m),e++,$.errors=r,!1}var o=P===e}else var o=!0;if(o)if(t.delayS!==void 0){let i=t.delayS;const P=e;if(!(i===0||i===2||i===
3||i===10||i===20))return $.errors=[{instancePath:s+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{
allowedValues:ne.properties.delayS.enum}}],!1;var o=P===e}else var o=!0}}}}}}}}}}}}}}}}}}}}}}}}else return $.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return $.errors=r,e===0}const Se=B,me={$id:"velmo/prefere\
nces/6",type:"object",properties:{version:{const:6},compStepClicks:{enum:[1,1.5,3]},monitors:{type:"object",properties:{
over:{enum:["any","red","green","blue","off"]},overColour:{enum:["pink","white","black"]},under:{type:"boolean"},zebra:{
oneOf:[{type:"null"},{type:"object",properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,maximum:9}},required:[
"on","clicksUnder"],additionalProperties:!1},{type:"object",properties:{on:{const:"picture"},percent:{type:"integer",minimum:70,
maximum:109}},required:["on","percent"],additionalProperties:!1}]},toneClicks:{type:["integer","null"],minimum:-18,maximum:9},
rawHistogram:{enum:["off","small","large"]},logHeight:{type:"boolean"},pictureHistogram:{type:"boolean"},allowedShare:{enum:[
0,.001,.005,.02]},peaking:{enum:["focusing","always","off"]},peakingStrength:{enum:["low","medium","high"]},peakingColour:{
enum:["violet","white","blue"]}},required:["over","overColour","under","zebra","toneClicks","rawHistogram","logHeight","\
pictureHistogram","allowedShare","peaking","peakingStrength","peakingColour"],additionalProperties:!1},focusing:{type:"o\
bject",properties:{unit:{enum:["m","ft"]},loupeZoom:{enum:[1,2]},loupeWithFocus:{type:"boolean"},beforeCapture:{type:"bo\
olean"}},required:["unit","loupeZoom","loupeWithFocus","beforeCapture"],additionalProperties:!1},delaySound:{type:"boole\
an"},lightAhead:{enum:["fitting","always","never"]},naming:{type:"object",properties:{pattern:{type:"string",maxLength:80},
count:{type:"integer",minimum:1,maximum:1e9}},required:["pattern","count"],additionalProperties:!1}},required:["version",
"compStepClicks","monitors","focusing","naming","delaySound","lightAhead"],additionalProperties:!1},se=require("ajv/dist/runtime/ucs2length").
default;function B(t,{instancePath:s="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&
typeof t=="object"&&!Array.isArray(t)){let W;if(t.version===void 0&&(W="version")||t.compStepClicks===void 0&&(W="compSt\
epClicks")||t.monitors===void 0&&(W="monitors")||t.focusing===void 0&&(W="focusing")||t.naming===void 0&&(W="naming")||t.
delaySound===void 0&&(W="delaySound")||t.lightAhead===void 0&&(W="lightAhead"))return B.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:W}}],!1;{const ee=e;for(const d in t)if(!(d==="version"||d==="com\
pStepClicks"||d==="monitors"||d==="focusing"||d==="delaySound"||d==="lightAhead"||d==="naming")){return B.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}}],!1;break}if(ee===e){if(t.
version!==void 0){const d=e;if(t.version!==6)return B.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versio\
n/const",keyword:"const",params:{allowedValue:6}}],!1;var o=d===e}else var o=!0;if(o){if(t.compStepClicks!==void 0){let d=t.
compStepClicks;const v=e;if(!(d===1||d===1.5||d===3))return B.errors=[{instancePath:s+"/compStepClicks",schemaPath:"#/pr\
operties/compStepClicks/enum",keyword:"enum",params:{allowedValues:me.properties.compStepClicks.enum}}],!1;var o=v===e}else
var o=!0;if(o){if(t.monitors!==void 0){let d=t.monitors;const v=e;if(e===v)if(d&&typeof d=="object"&&!Array.isArray(d)){
let A;if(d.over===void 0&&(A="over")||d.overColour===void 0&&(A="overColour")||d.under===void 0&&(A="under")||d.zebra===
void 0&&(A="zebra")||d.toneClicks===void 0&&(A="toneClicks")||d.rawHistogram===void 0&&(A="rawHistogram")||d.logHeight===
void 0&&(A="logHeight")||d.pictureHistogram===void 0&&(A="pictureHistogram")||d.allowedShare===void 0&&(A="allowedShare")||
d.peaking===void 0&&(A="peaking")||d.peakingStrength===void 0&&(A="peakingStrength")||d.peakingColour===void 0&&(A="peak\
ingColour"))return B.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/required",keyword:"required",
params:{missingProperty:A}}],!1;{const Z=e;for(const l in d)if(!ke.call(me.properties.monitors.properties,l)){return B.errors=
[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:l}}],!1;break}if(Z===e){if(d.over!==void 0){let l=d.over;const u=e;if(!(l==="any"||l==="red"||l==="gr\
een"||l==="blue"||l==="off"))return B.errors=[{instancePath:s+"/monitors/over",schemaPath:"#/properties/monitors/propert\
ies/over/enum",keyword:"enum",params:{allowedValues:me.properties.monitors.properties.over.enum}}],!1;var N=u===e}else var N=!0;
if(N){if(d.overColour!==void 0){let l=d.overColour;const u=e;if(!(l==="pink"||l==="white"||l==="black"))return B.errors=
[{instancePath:s+"/monitors/overColour",schemaPath:"#/properties/monitors/properties/overColour/enum",keyword:"enum",params:{
allowedValues:me.properties.monitors.properties.overColour.enum}}],!1;var N=u===e}else var N=!0;if(N){if(d.under!==void 0){
const l=e;if(typeof d.under!="boolean")return B.errors=[{instancePath:s+"/monitors/under",schemaPath:"#/properties/monit\
ors/properties/under/type",keyword:"type",params:{type:"boolean"}}],!1;var N=l===e}else var N=!0;if(N){if(d.zebra!==void 0){
let l=d.zebra;const u=e,E=e;let j=!1,Q=null;const J=e;if(l!==null){const re={instancePath:s+"/monitors/zebra",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[re]:r.push(re),e++}
var S=J===e;S&&(j=!0,Q=0);const M=e;if(e===M)if(l&&typeof l=="object"&&!Array.isArray(l)){let re;if(l.on===void 0&&(re="\
on")||l.clicksUnder===void 0&&(re="clicksUnder")){const n={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/mon\
itors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:re}};r===null?r=[n]:r.push(n),e++}else{
const n=e;for(const w in l)if(!(w==="on"||w==="clicksUnder")){const z={instancePath:s+"/monitors/zebra",schemaPath:"#/pr\
operties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:w}};
r===null?r=[z]:r.push(z),e++;break}if(n===e){if(l.on!==void 0){const w=e;if(l.on!=="raw"){const z={instancePath:s+"/moni\
tors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/on/const",keyword:"const",params:{allowedValue:"\
raw"}};r===null?r=[z]:r.push(z),e++}var U=w===e}else var U=!0;if(U)if(l.clicksUnder!==void 0){let w=l.clicksUnder;const z=e;
if(!(typeof w=="number"&&!(w%1)&&!isNaN(w)&&isFinite(w))){const i={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"type",params:{type:"integer"}};r===
null?r=[i]:r.push(i),e++}if(e===z&&typeof w=="number"&&isFinite(w)){if(w>9||isNaN(w)){const i={instancePath:s+"/monitors\
/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:9}};r===null?r=[i]:r.push(i),e++}else if(w<0||isNaN(w)){const i={instancePath:s+"\
/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/minimum",
keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[i]:r.push(i),e++}}var U=z===e}else var U=!0}}}else{const re={
instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[re]:r.push(re),e++}var S=M===e;if(S&&j)j=!1,Q=[Q,1];else{S&&(j=!0,Q=1);const re=e;if(e===re)
if(l&&typeof l=="object"&&!Array.isArray(l)){let w;if(l.on===void 0&&(w="on")||l.percent===void 0&&(w="percent")){const z={
instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/required",keyword:"required",
params:{missingProperty:w}};r===null?r=[z]:r.push(z),e++}else{const z=e;for(const L in l)if(!(L==="on"||L==="percent")){
const i={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/additionalPropertie\
s",keyword:"additionalProperties",params:{additionalProperty:L}};r===null?r=[i]:r.push(i),e++;break}if(z===e){if(l.on!==
void 0){const L=e;if(l.on!=="picture"){const i={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/pr\
operties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?r=[i]:r.push(i),e++}
var G=L===e}else var G=!0;if(G)if(l.percent!==void 0){let L=l.percent;const i=e;if(!(typeof L=="number"&&!(L%1)&&!isNaN(
L)&&isFinite(L))){const V={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/o\
neOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?r=[V]:r.push(V),e++}if(e===i&&typeof L==
"number"&&isFinite(L)){if(L>109||isNaN(L)){const V={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/mo\
nitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};r===null?
r=[V]:r.push(V),e++}else if(L<70||isNaN(L)){const V={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/m\
onitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};r===null?
r=[V]:r.push(V),e++}}var G=i===e}else var G=!0}}}else{const w={instancePath:s+"/monitors/zebra",schemaPath:"#/properties\
/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var S=re===
e;S&&j?(j=!1,Q=[Q,2]):S&&(j=!0,Q=2)}if(j)e=E,r!==null&&(E?r.length=E:r=null);else{const re={instancePath:s+"/monitors/ze\
bra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:Q}};return r===null?
r=[re]:r.push(re),e++,B.errors=r,!1}var N=u===e}else var N=!0;if(N){if(d.toneClicks!==void 0){let l=d.toneClicks;const u=e;
if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))&&l!==null)return B.errors=[{instancePath:s+"/monitors/toneClick\
s",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:me.properties.monitors.properties.
toneClicks.type}}],!1;if(e===u&&typeof l=="number"&&isFinite(l)){if(l>9||isNaN(l))return B.errors=[{instancePath:s+"/mon\
itors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(l<-18||isNaN(l))return B.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/mo\
nitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var N=u===e}else var N=!0;
if(N){if(d.rawHistogram!==void 0){let l=d.rawHistogram;const u=e;if(!(l==="off"||l==="small"||l==="large"))return B.errors=
[{instancePath:s+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:me.properties.monitors.properties.rawHistogram.enum}}],!1;var N=u===e}else var N=!0;if(N){if(d.logHeight!==
void 0){const l=e;if(typeof d.logHeight!="boolean")return B.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#/\
properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var N=l===e}else var N=!0;if(N){
if(d.pictureHistogram!==void 0){const l=e;if(typeof d.pictureHistogram!="boolean")return B.errors=[{instancePath:s+"/mon\
itors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var N=l===e}else var N=!0;if(N){if(d.allowedShare!==void 0){let l=d.allowedShare;const u=e;if(!(l===0||l===
.001||l===.005||l===.02))return B.errors=[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pro\
perties/allowedShare/enum",keyword:"enum",params:{allowedValues:me.properties.monitors.properties.allowedShare.enum}}],!1;
var N=u===e}else var N=!0;if(N){if(d.peaking!==void 0){let l=d.peaking;const u=e;if(!(l==="focusing"||l==="always"||l===
"off"))return B.errors=[{instancePath:s+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"\
enum",params:{allowedValues:me.properties.monitors.properties.peaking.enum}}],!1;var N=u===e}else var N=!0;if(N){if(d.peakingStrength!==
void 0){let l=d.peakingStrength;const u=e;if(!(l==="low"||l==="medium"||l==="high"))return B.errors=[{instancePath:s+"/m\
onitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:me.
properties.monitors.properties.peakingStrength.enum}}],!1;var N=u===e}else var N=!0;if(N)if(d.peakingColour!==void 0){let l=d.
peakingColour;const u=e;if(!(l==="violet"||l==="white"||l==="blue"))return B.errors=[{instancePath:s+"/monitors/peakingC\
olour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:me.properties.
monitors.properties.peakingColour.enum}}],!1;var N=u===e}else var N=!0}}}}}}}}}}}}}else return B.errors=[{instancePath:s+
"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"object"}}],!1;var o=v===e}else var o=!0;
if(o){if(t.focusing!==void 0){let d=t.focusing;const v=e;if(e===v)if(d&&typeof d=="object"&&!Array.isArray(d)){let A;if(d.
unit===void 0&&(A="unit")||d.loupeZoom===void 0&&(A="loupeZoom")||d.loupeWithFocus===void 0&&(A="loupeWithFocus")||d.beforeCapture===
void 0&&(A="beforeCapture"))return B.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"\
required",params:{missingProperty:A}}],!1;{const Z=e;for(const l in d)if(!(l==="unit"||l==="loupeZoom"||l==="loupeWithFo\
cus"||l==="beforeCapture")){return B.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/additionalPro\
perties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(Z===e){if(d.unit!==void 0){let l=d.unit;
const u=e;if(!(l==="m"||l==="ft"))return B.errors=[{instancePath:s+"/focusing/unit",schemaPath:"#/properties/focusing/pr\
operties/unit/enum",keyword:"enum",params:{allowedValues:me.properties.focusing.properties.unit.enum}}],!1;var g=u===e}else
var g=!0;if(g){if(d.loupeZoom!==void 0){let l=d.loupeZoom;const u=e;if(!(l===1||l===2))return B.errors=[{instancePath:s+
"/focusing/loupeZoom",schemaPath:"#/properties/focusing/properties/loupeZoom/enum",keyword:"enum",params:{allowedValues:me.
properties.focusing.properties.loupeZoom.enum}}],!1;var g=u===e}else var g=!0;if(g){if(d.loupeWithFocus!==void 0){const l=e;
if(typeof d.loupeWithFocus!="boolean")return B.errors=[{instancePath:s+"/focusing/loupeWithFocus",schemaPath:"#/properti\
es/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"boolean"}}],!1;var g=l===e}else var g=!0;if(g)if(d.
beforeCapture!==void 0){const l=e;if(typeof d.beforeCapture!="boolean")return B.errors=[{instancePath:s+"/focusing/befor\
eCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/type",keyword:"type",params:{type:"boolean"}}],!1;var g=l===
e}else var g=!0}}}}}else return B.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/type",keyword:"t\
ype",params:{type:"object"}}],!1;var o=v===e}else var o=!0;if(o){if(t.delaySound!==void 0){const d=e;if(typeof t.delaySound!=
"boolean")return B.errors=[{instancePath:s+"/delaySound",schemaPath:"#/properties/delaySound/type",keyword:"type",params:{
type:"boolean"}}],!1;var o=d===e}else var o=!0;if(o){if(t.lightAhead!==void 0){let d=t.lightAhead;const v=e;if(!(d==="fi\
tting"||d==="always"||d==="never"))return B.errors=[{instancePath:s+"/lightAhead",schemaPath:"#/properties/lightAhead/en\
um",keyword:"enum",params:{allowedValues:me.properties.lightAhead.enum}}],!1;var o=v===e}else var o=!0;if(o)if(t.naming!==
void 0){let d=t.naming;const v=e;if(e===v)if(d&&typeof d=="object"&&!Array.isArray(d)){let A;if(d.pattern===void 0&&(A="\
pattern")||d.count===void 0&&(A="count"))return B.errors=[{instancePath:s+"/naming",schemaPath:"#/properties/naming/requ\
ired",keyword:"required",params:{missingProperty:A}}],!1;{const Z=e;for(const l in d)if(!(l==="pattern"||l==="count")){return B.
errors=[{instancePath:s+"/naming",schemaPath:"#/properties/naming/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:l}}],!1;break}if(Z===e){if(d.pattern!==void 0){let l=d.pattern;const u=e;if(e===u)if(typeof l=="strin\
g"){if(se(l)>80)return B.errors=[{instancePath:s+"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/ma\
xLength",keyword:"maxLength",params:{limit:80}}],!1}else return B.errors=[{instancePath:s+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var b=u===e}else var b=!0;if(b)if(d.
count!==void 0){let l=d.count;const u=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return B.errors=[{instancePath:s+
"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{type:"integer"}}],!1;if(e===
u&&typeof l=="number"&&isFinite(l)){if(l>1e9||isNaN(l))return B.errors=[{instancePath:s+"/naming/count",schemaPath:"#/pr\
operties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],!1;if(l<1||isNaN(l))return B.
errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/minimum",keyword:"minimum",params:{
comparison:">=",limit:1}}],!1}var b=u===e}else var b=!0}}}else return B.errors=[{instancePath:s+"/naming",schemaPath:"#/\
properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var o=v===e}else var o=!0}}}}}}}}else return B.errors=
[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return B.errors=r,e===0}const je=I,fe={$id:"\
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
enum:["merge","average","median","brightest","sum"]},moved:{type:"array",maxItems:5e3,items:{type:"object",properties:{x:{
type:"number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1},frame:{type:"integer"}},required:["x","y","fram\
e"],additionalProperties:!1}},finish:{oneOf:[{type:"null"},{type:"object",properties:{brightness:{type:"number"},range:{
type:"number"},detail:{type:"number"}},required:["brightness","range","detail"],additionalProperties:!1}]},floating:{type:"\
boolean"}},required:["sources","way","moved","finish","floating"],additionalProperties:!1}]},words:{type:"object",properties:{
source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200}},required:["source","summary"],additionalProperties:!1}},
required:["version","id","capturedAt","camera","place","origin","timeS","iso","compClicks","lens","focusDioptres","white",
"clippedShare","width","height","average","roll","stem","series","files"],additionalProperties:!1},Pe=new RegExp("^[a-z0\
-9-]{8,64}$","u");function I(t,{instancePath:s="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;
if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let T;if(t.version===void 0&&(T="version")||t.id===void 0&&(T="id")||
t.capturedAt===void 0&&(T="capturedAt")||t.camera===void 0&&(T="camera")||t.place===void 0&&(T="place")||t.origin===void 0&&
(T="origin")||t.timeS===void 0&&(T="timeS")||t.iso===void 0&&(T="iso")||t.compClicks===void 0&&(T="compClicks")||t.lens===
void 0&&(T="lens")||t.focusDioptres===void 0&&(T="focusDioptres")||t.white===void 0&&(T="white")||t.clippedShare===void 0&&
(T="clippedShare")||t.width===void 0&&(T="width")||t.height===void 0&&(T="height")||t.average===void 0&&(T="average")||t.
roll===void 0&&(T="roll")||t.stem===void 0&&(T="stem")||t.series===void 0&&(T="series")||t.files===void 0&&(T="files"))return I.
errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:T}}],!1;{const re=e;for(const n in t)
if(!ke.call(fe.properties,n)){return I.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:n}}],!1;break}if(re===e){if(t.version!==void 0){const n=e;if(t.version!==2)return I.
errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{allowedValue:2}}],!1;
var o=n===e}else var o=!0;if(o){if(t.id!==void 0){let n=t.id;const w=e;if(e===w)if(typeof n=="string"){if(!Pe.test(n))return I.
errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],
!1}else return I.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],
!1;var o=w===e}else var o=!0;if(o){if(t.capturedAt!==void 0){let n=t.capturedAt;const w=e;if(e===w)if(typeof n=="number"&&
isFinite(n)){if(n<0||isNaN(n))return I.errors=[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/minimum",
keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return I.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var o=w===e}else var o=!0;if(o){if(t.camera!==void 0){
let n=t.camera;const w=e;if(!(n==="simulated"||n==="browser"||n==="file"))return I.errors=[{instancePath:s+"/camera",schemaPath:"\
#/properties/camera/enum",keyword:"enum",params:{allowedValues:fe.properties.camera.enum}}],!1;var o=w===e}else var o=!0;
if(o){if(t.place!==void 0){let n=t.place;const w=e;if(e===w)if(typeof n=="string"){if(se(n)>200)return I.errors=[{instancePath:s+
"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return I.errors=[{instancePath:s+
"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{type:"string"}}],!1;var o=w===e}else var o=!0;if(o){
if(t.origin!==void 0){let n=t.origin;const w=e;if(!(n==="raw"||n==="video-frame"||n==="photo"||n==="photo-remade"||n==="\
average"||n==="opened"||n==="combined"))return I.errors=[{instancePath:s+"/origin",schemaPath:"#/properties/origin/enum",
keyword:"enum",params:{allowedValues:fe.properties.origin.enum}}],!1;var o=w===e}else var o=!0;if(o){if(t.timeS!==void 0){
let n=t.timeS;const w=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return I.errors=[{instancePath:s+"/timeS",schemaPath:"\
#/properties/timeS/type",keyword:"type",params:{type:fe.properties.timeS.type}}],!1;var o=w===e}else var o=!0;if(o){if(t.
iso!==void 0){let n=t.iso;const w=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return I.errors=[{instancePath:s+"/i\
so",schemaPath:"#/properties/iso/type",keyword:"type",params:{type:fe.properties.iso.type}}],!1;var o=w===e}else var o=!0;
if(o){if(t.compClicks!==void 0){let n=t.compClicks;const w=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return I.errors=
[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{type:fe.properties.compClicks.
type}}],!1;var o=w===e}else var o=!0;if(o){if(t.lens!==void 0){let n=t.lens;const w=e;if(typeof n!="string"&&n!==null)return I.
errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:fe.properties.lens.type}}],
!1;if(e===w&&typeof n=="string"&&se(n)>64)return I.errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/maxLeng\
th",keyword:"maxLength",params:{limit:64}}],!1;var o=w===e}else var o=!0;if(o){if(t.focusDioptres!==void 0){let n=t.focusDioptres;
const w=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return I.errors=[{instancePath:s+"/focusDioptres",schemaPath:"\
#/properties/focusDioptres/type",keyword:"type",params:{type:fe.properties.focusDioptres.type}}],!1;var o=w===e}else var o=!0;
if(o){if(t.white!==void 0){let n=t.white;const w=e,z=e;let L=!1,i=null;const P=e;if(n!==null){const f={instancePath:s+"/\
white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[f]:r.push(f),e++}var U=P===
e;U&&(L=!0,i=0);const V=e;if(e===V)if(n&&typeof n=="object"&&!Array.isArray(n)){let f;if(n.kelvin===void 0&&(f="kelvin")||
n.tint===void 0&&(f="tint")){const x={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"\
required",params:{missingProperty:f}};r===null?r=[x]:r.push(x),e++}else{const x=e;for(const p in n)if(!(p==="kelvin"||p===
"tint")){const F={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"addition\
alProperties",params:{additionalProperty:p}};r===null?r=[F]:r.push(F),e++;break}if(x===e){if(n.kelvin!==void 0){let p=n.
kelvin;const F=e;if(!(typeof p=="number"&&isFinite(p))){const m={instancePath:s+"/white/kelvin",schemaPath:"#/properties\
/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[m]:r.push(m),e++}var N=F===e}else
var N=!0;if(N)if(n.tint!==void 0){let p=n.tint;const F=e;if(!(typeof p=="number"&&isFinite(p))){const c={instancePath:s+
"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?
r=[c]:r.push(c),e++}var N=F===e}else var N=!0}}}else{const f={instancePath:s+"/white",schemaPath:"#/properties/white/one\
Of/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var U=V===e;if(U&&L?(L=!1,i=[i,1]):U&&(L=
!0,i=1),L)e=z,r!==null&&(z?r.length=z:r=null);else{const f={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",
keyword:"oneOf",params:{passingSchemas:i}};return r===null?r=[f]:r.push(f),e++,I.errors=r,!1}var o=w===e}else var o=!0;if(o){
if(t.clippedShare!==void 0){let n=t.clippedShare;const w=e,z=e;let L=!1,i=null;const P=e;if(n!==null){const f={instancePath:s+
"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[f]:
r.push(f),e++}var G=P===e;G&&(L=!0,i=0);const V=e;if(e===V)if(Array.isArray(n))if(n.length>3){const f={instancePath:s+"/\
clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};r===null?r=[f]:
r.push(f),e++}else if(n.length<3){const f={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/\
minItems",keyword:"minItems",params:{limit:3}};r===null?r=[f]:r.push(f),e++}else{var S=!0;const f=n.length;for(let x=0;x<
f;x++){let p=n[x];const F=e;if(e===F)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(p)){const c={instancePath:s+"/cli\
ppedShare/"+x,schemaPath:"#/properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[c]:r.push(c),e++}else if(p<0||isNaN(p)){const c={instancePath:s+"/clippedShare/"+x,schemaPath:"#/properties/\
clippedShare/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[c]:r.push(c),e++}}else{
const c={instancePath:s+"/clippedShare/"+x,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"type",params:{
type:"number"}};r===null?r=[c]:r.push(c),e++}var S=F===e;if(!S)break}}else{const f={instancePath:s+"/clippedShare",schemaPath:"\
#/properties/clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[f]:r.push(f),e++}var G=V===e;if(G&&
L?(L=!1,i=[i,1]):G&&(L=!0,i=1),L)e=z,r!==null&&(z?r.length=z:r=null);else{const f={instancePath:s+"/clippedShare",schemaPath:"\
#/properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:i}};return r===null?r=[f]:r.push(f),e++,I.errors=
r,!1}var o=w===e}else var o=!0;if(o){if(t.width!==void 0){let n=t.width;const w=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(
n)&&isFinite(n)))return I.errors=[{instancePath:s+"/width",schemaPath:"#/properties/width/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===w&&typeof n=="number"&&isFinite(n)&&(n<0||isNaN(n)))return I.errors=[{instancePath:s+"/width",schemaPath:"\
#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var o=w===e}else var o=!0;if(o){if(t.
height!==void 0){let n=t.height;const w=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n)))return I.errors=[{instancePath:s+
"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"integer"}}],!1;if(e===w&&typeof n=="number"&&
isFinite(n)&&(n<0||isNaN(n)))return I.errors=[{instancePath:s+"/height",schemaPath:"#/properties/height/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}}],!1;var o=w===e}else var o=!0;if(o){if(t.average!==void 0){let n=t.average;const w=e,
z=e;let L=!1,i=null;const P=e;if(n!==null){const f={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/t\
ype",keyword:"type",params:{type:"null"}};r===null?r=[f]:r.push(f),e++}var b=P===e;b&&(L=!0,i=0);const V=e;if(e===V)if(n&&
typeof n=="object"&&!Array.isArray(n)){let f;if(n.frames===void 0&&(f="frames")||n.timesLess===void 0&&(f="timesLess")){
const x={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[x]:r.push(x),e++}else{const x=e;for(const p in n)if(!(p==="frames"||p==="timesLess")){const F={instancePath:s+
"/average",schemaPath:"#/properties/average/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};
r===null?r=[F]:r.push(F),e++;break}if(x===e){if(n.frames!==void 0){let p=n.frames;const F=e;if(!(typeof p=="number"&&!(p%
1)&&!isNaN(p)&&isFinite(p))){const m={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properti\
es/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[m]:r.push(m),e++}if(e===F&&typeof p=="number"&&isFinite(
p)&&(p<1||isNaN(p))){const m={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properties/frame\
s/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[m]:r.push(m),e++}var g=F===e}else var g=!0;if(g)
if(n.timesLess!==void 0){let p=n.timesLess;const F=e;if(!(typeof p=="number"&&isFinite(p))&&p!==null){const c={instancePath:s+
"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/properties/timesLess/type",keyword:"type",params:{type:fe.
properties.average.oneOf[1].properties.timesLess.type}};r===null?r=[c]:r.push(c),e++}var g=F===e}else var g=!0}}}else{const f={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?
r=[f]:r.push(f),e++}var b=V===e;if(b&&L?(L=!1,i=[i,1]):b&&(L=!0,i=1),L)e=z,r!==null&&(z?r.length=z:r=null);else{const f={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{passingSchemas:i}};return r===
null?r=[f]:r.push(f),e++,I.errors=r,!1}var o=w===e}else var o=!0;if(o){if(t.roll!==void 0){let n=t.roll;const w=e;if(e===
w)if(typeof n=="string"){if(se(n)>200)return I.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/maxLength",
keyword:"maxLength",params:{limit:200}}],!1}else return I.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/\
type",keyword:"type",params:{type:"string"}}],!1;var o=w===e}else var o=!0;if(o){if(t.stem!==void 0){let n=t.stem;const w=e;
if(e===w)if(typeof n=="string"){if(se(n)>160)return I.errors=[{instancePath:s+"/stem",schemaPath:"#/properties/stem/maxL\
ength",keyword:"maxLength",params:{limit:160}}],!1;if(se(n)<1)return I.errors=[{instancePath:s+"/stem",schemaPath:"#/pro\
perties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return I.errors=[{instancePath:s+"/stem",schemaPath:"\
#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var o=w===e}else var o=!0;if(o){if(t.series!==void 0){
let n=t.series;const w=e,z=e;let L=!1,i=null;const P=e;if(n!==null){const f={instancePath:s+"/series",schemaPath:"#/prop\
erties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[f]:r.push(f),e++}var ee=P===e;ee&&(L=!0,i=0);
const V=e;if(e===V)if(n&&typeof n=="object"&&!Array.isArray(n)){let f;if(n.id===void 0&&(f="id")||n.kind===void 0&&(f="k\
ind")||n.step===void 0&&(f="step")||n.count===void 0&&(f="count")){const x={instancePath:s+"/series",schemaPath:"#/prope\
rties/series/oneOf/1/required",keyword:"required",params:{missingProperty:f}};r===null?r=[x]:r.push(x),e++}else{const x=e;
for(const p in n)if(!(p==="id"||p==="kind"||p==="step"||p==="count")){const F={instancePath:s+"/series",schemaPath:"#/pr\
operties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[
F]:r.push(F),e++;break}if(x===e){if(n.id!==void 0){let p=n.id;const F=e;if(e===F)if(typeof p=="string"){if(se(p)>64){const m={
instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",params:{
limit:64}};r===null?r=[m]:r.push(m),e++}}else{const m={instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf\
/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[m]:r.push(m),e++}var W=F===e}else var W=!0;if(W){
if(n.kind!==void 0){let p=n.kind;const F=e;if(!(p==="single"||p==="bracket"||p==="burst"||p==="focus"||p==="interval"||p===
"long")){const c={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"e\
num",params:{allowedValues:fe.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[c]:r.push(c),e++}var W=F===e}else
var W=!0;if(W){if(n.step!==void 0){let p=n.step;const F=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const c={
instancePath:s+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{type:"\
integer"}};r===null?r=[c]:r.push(c),e++}if(e===F&&typeof p=="number"&&isFinite(p)&&(p<0||isNaN(p))){const c={instancePath:s+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[c]:r.push(c),e++}var W=F===e}else var W=!0;if(W)if(n.count!==void 0){let p=n.count;const F=e;if(!(typeof p==
"number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const c={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[c]:r.push(c),e++}if(e===F&&typeof p=="numb\
er"&&isFinite(p)&&(p<1||isNaN(p))){const c={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[c]:r.push(c),e++}var W=F===e}else var W=!0}}}}}else{
const f={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[f]:r.push(f),e++}var ee=V===e;if(ee&&L?(L=!1,i=[i,1]):ee&&(L=!0,i=1),L)e=z,r!==null&&(z?r.length=z:r=null);else{
const f={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:i}};return r===
null?r=[f]:r.push(f),e++,I.errors=r,!1}var o=w===e}else var o=!0;if(o){if(t.files!==void 0){let n=t.files;const w=e;if(e===
w)if(Array.isArray(n)){if(n.length>8)return I.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",
keyword:"maxItems",params:{limit:8}}],!1;if(n.length<1)return I.errors=[{instancePath:s+"/files",schemaPath:"#/propertie\
s/files/minItems",keyword:"minItems",params:{limit:1}}],!1;{var d=!0;const L=n.length;for(let i=0;i<L;i++){let P=n[i];const V=e;
if(e===V)if(P&&typeof P=="object"&&!Array.isArray(P)){let f;if(P.kind===void 0&&(f="kind")||P.name===void 0&&(f="name")||
P.bytes===void 0&&(f="bytes")||P.chunks===void 0&&(f="chunks"))return I.errors=[{instancePath:s+"/files/"+i,schemaPath:"\
#/properties/files/items/required",keyword:"required",params:{missingProperty:f}}],!1;{const x=e;for(const p in P)if(!(p===
"kind"||p==="name"||p==="bytes"||p==="chunks")){return I.errors=[{instancePath:s+"/files/"+i,schemaPath:"#/properties/fi\
les/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(x===e){if(P.kind!==
void 0){let p=P.kind;const F=e;if(!(p==="dng"||p==="jpeg"||p==="tiff"||p==="png"||p==="webp"||p==="avif"||p==="heic"||p===
"raw"))return I.errors=[{instancePath:s+"/files/"+i+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:fe.properties.files.items.properties.kind.enum}}],!1;var v=F===e}else var v=!0;if(v){if(P.name!==
void 0){let p=P.name;const F=e;if(e===F)if(typeof p=="string"){if(se(p)>160)return I.errors=[{instancePath:s+"/files/"+i+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(se(
p)<1)return I.errors=[{instancePath:s+"/files/"+i+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return I.errors=[{instancePath:s+"/files/"+i+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var v=F===e}else var v=!0;if(v){if(P.bytes!==
void 0){let p=P.bytes;const F=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))return I.errors=[{instancePath:s+
"/files/"+i+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===F&&typeof p=="number"&&isFinite(p)&&(p<1||isNaN(p)))return I.errors=[{instancePath:s+"/files/"+i+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var v=F===e}else
var v=!0;if(v)if(P.chunks!==void 0){let p=P.chunks;const F=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))return I.
errors=[{instancePath:s+"/files/"+i+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===F&&typeof p=="number"&&isFinite(p)){if(p>4096||isNaN(p))return I.errors=[{instancePath:s+
"/files/"+i+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(p<1||isNaN(p))return I.errors=[{instancePath:s+"/files/"+i+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var v=F===e}else var v=!0}}}}}else
return I.errors=[{instancePath:s+"/files/"+i,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var d=V===e;if(!d)break}}}else return I.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var o=w===e}else var o=!0;if(o){if(t.longestHandheldS!==void 0){let n=t.longestHandheldS;
const w=e;if(!(typeof n=="number"&&isFinite(n))&&n!==null)return I.errors=[{instancePath:s+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:fe.properties.longestHandheldS.type}}],!1;var o=w===e}else
var o=!0;if(o){if(t.focusedAt!==void 0){let n=t.focusedAt;const w=e,z=e;let L=!1,i=null;const P=e;if(n!==null){const f={
instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[f]:r.push(f),e++}var A=P===e;A&&(L=!0,i=0);const V=e;if(e===V)if(n&&typeof n=="object"&&!Array.isArray(n)){let f;if(n.
x===void 0&&(f="x")||n.y===void 0&&(f="y")){const x={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneO\
f/1/required",keyword:"required",params:{missingProperty:f}};r===null?r=[x]:r.push(x),e++}else{const x=e;for(const p in n)
if(!(p==="x"||p==="y")){const F={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[F]:r.push(F),e++;break}if(x===e){if(n.x!==
void 0){let p=n.x;const F=e;if(e===F)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(p)){const m={instancePath:s+"/foc\
usedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[m]:r.push(m),e++}else if(p<0||isNaN(p)){const m={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focu\
sedAt/oneOf/1/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[m]:r.push(m),e++}}else{
const m={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/type",keyword:"type",params:{
type:"number"}};r===null?r=[m]:r.push(m),e++}var K=F===e}else var K=!0;if(K)if(n.y!==void 0){let p=n.y;const F=e;if(e===
F)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(p)){const c={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/\
focusedAt/oneOf/1/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[c]:r.push(c),e++}else if(p<
0||isNaN(p)){const c={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/focusedAt/oneOf/1/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:s+"/focusedAt/y",schemaPath:"\
#/properties/focusedAt/oneOf/1/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var K=F===
e}else var K=!0}}}else{const f={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/type",keyword:"ty\
pe",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var A=V===e;if(A&&L?(L=!1,i=[i,1]):A&&(L=!0,i=1),L)e=z,r!==null&&
(z?r.length=z:r=null);else{const f={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf",keyword:"oneOf",
params:{passingSchemas:i}};return r===null?r=[f]:r.push(f),e++,I.errors=r,!1}var o=w===e}else var o=!0;if(o){if(t.combined!==
void 0){let n=t.combined;const w=e,z=e;let L=!1,i=null;const P=e;if(n!==null){const f={instancePath:s+"/combined",schemaPath:"\
#/properties/combined/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[f]:r.push(f),e++}var J=P===e;J&&(L=
!0,i=0);const V=e;if(e===V)if(n&&typeof n=="object"&&!Array.isArray(n)){let f;if(n.sources===void 0&&(f="sources")||n.way===
void 0&&(f="way")||n.moved===void 0&&(f="moved")||n.finish===void 0&&(f="finish")||n.floating===void 0&&(f="floating")){
const x={instancePath:s+"/combined",schemaPath:"#/properties/combined/oneOf/1/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[x]:r.push(x),e++}else{const x=e;for(const p in n)if(!(p==="sources"||p==="way"||p==="moved"||p==="finish"||p===
"floating")){const F={instancePath:s+"/combined",schemaPath:"#/properties/combined/oneOf/1/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:p}};r===null?r=[F]:r.push(F),e++;break}if(x===e){if(n.sources!==void 0){
let p=n.sources;const F=e;if(e===F)if(Array.isArray(p))if(p.length>5e3){const m={instancePath:s+"/combined/sources",schemaPath:"\
#/properties/combined/oneOf/1/properties/sources/maxItems",keyword:"maxItems",params:{limit:5e3}};r===null?r=[m]:r.push(
m),e++}else if(p.length<2){const m={instancePath:s+"/combined/sources",schemaPath:"#/properties/combined/oneOf/1/propert\
ies/sources/minItems",keyword:"minItems",params:{limit:2}};r===null?r=[m]:r.push(m),e++}else{var Z=!0;const m=p.length;for(let c=0;c<
m;c++){let a=p[c];const y=e;if(e===y)if(typeof a=="string"){if(se(a)>64){const k={instancePath:s+"/combined/sources/"+c,
schemaPath:"#/properties/combined/oneOf/1/properties/sources/items/maxLength",keyword:"maxLength",params:{limit:64}};r===
null?r=[k]:r.push(k),e++}}else{const k={instancePath:s+"/combined/sources/"+c,schemaPath:"#/properties/combined/oneOf/1/\
properties/sources/items/type",keyword:"type",params:{type:"string"}};r===null?r=[k]:r.push(k),e++}var Z=y===e;if(!Z)break}}else{
const m={instancePath:s+"/combined/sources",schemaPath:"#/properties/combined/oneOf/1/properties/sources/type",keyword:"\
type",params:{type:"array"}};r===null?r=[m]:r.push(m),e++}var l=F===e}else var l=!0;if(l){if(n.way!==void 0){let p=n.way;
const F=e;if(!(p==="merge"||p==="average"||p==="median"||p==="brightest"||p==="sum")){const c={instancePath:s+"/combined\
/way",schemaPath:"#/properties/combined/oneOf/1/properties/way/enum",keyword:"enum",params:{allowedValues:fe.properties.
combined.oneOf[1].properties.way.enum}};r===null?r=[c]:r.push(c),e++}var l=F===e}else var l=!0;if(l){if(n.moved!==void 0){
let p=n.moved;const F=e;if(e===F)if(Array.isArray(p))if(p.length>5e3){const c={instancePath:s+"/combined/moved",schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/maxItems",keyword:"maxItems",params:{limit:5e3}};r===null?r=[c]:r.push(c),
e++}else{var u=!0;const c=p.length;for(let a=0;a<c;a++){let y=p[a];const R=e;if(e===R)if(y&&typeof y=="object"&&!Array.isArray(
y)){let _;if(y.x===void 0&&(_="x")||y.y===void 0&&(_="y")||y.frame===void 0&&(_="frame")){const D={instancePath:s+"/comb\
ined/moved/"+a,schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/required",keyword:"required",params:{missingProperty:_}};
r===null?r=[D]:r.push(D),e++}else{const D=e;for(const h in y)if(!(h==="x"||h==="y"||h==="frame")){const O={instancePath:s+
"/combined/moved/"+a,schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/additionalProperties",keyword:"add\
itionalProperties",params:{additionalProperty:h}};r===null?r=[O]:r.push(O),e++;break}if(D===e){if(y.x!==void 0){let h=y.
x;const O=e;if(e===O)if(typeof h=="number"&&isFinite(h)){if(h>1||isNaN(h)){const C={instancePath:s+"/combined/moved/"+a+
"/x",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/x/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[C]:r.push(C),e++}else if(h<0||isNaN(h)){const C={instancePath:s+"/combined/moved/"+a+"/x",schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};
r===null?r=[C]:r.push(C),e++}}else{const C={instancePath:s+"/combined/moved/"+a+"/x",schemaPath:"#/properties/combined/o\
neOf/1/properties/moved/items/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[C]:r.push(C),e++}var E=O===
e}else var E=!0;if(E){if(y.y!==void 0){let h=y.y;const O=e;if(e===O)if(typeof h=="number"&&isFinite(h)){if(h>1||isNaN(h)){
const q={instancePath:s+"/combined/moved/"+a+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/prope\
rties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[q]:r.push(q),e++}else if(h<0||isNaN(h)){
const q={instancePath:s+"/combined/moved/"+a+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/prope\
rties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[q]:r.push(q),e++}}else{const q={instancePath:s+
"/combined/moved/"+a+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/type",keyword:"t\
ype",params:{type:"number"}};r===null?r=[q]:r.push(q),e++}var E=O===e}else var E=!0;if(E)if(y.frame!==void 0){let h=y.frame;
const O=e;if(!(typeof h=="number"&&!(h%1)&&!isNaN(h)&&isFinite(h))){const q={instancePath:s+"/combined/moved/"+a+"/frame",
schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/frame/type",keyword:"type",params:{type:"int\
eger"}};r===null?r=[q]:r.push(q),e++}var E=O===e}else var E=!0}}}}else{const _={instancePath:s+"/combined/moved/"+a,schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/type",keyword:"type",params:{type:"object"}};r===null?r=[_]:r.push(
_),e++}var u=R===e;if(!u)break}}else{const c={instancePath:s+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1\
/properties/moved/type",keyword:"type",params:{type:"array"}};r===null?r=[c]:r.push(c),e++}var l=F===e}else var l=!0;if(l){
if(n.finish!==void 0){let p=n.finish;const F=e,m=e;let c=!1,a=null;const y=e;if(p!==null){const _={instancePath:s+"/comb\
ined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/0/type",keyword:"type",params:{type:"null"}};
r===null?r=[_]:r.push(_),e++}var Q=y===e;Q&&(c=!0,a=0);const R=e;if(e===R)if(p&&typeof p=="object"&&!Array.isArray(p)){let _;
if(p.brightness===void 0&&(_="brightness")||p.range===void 0&&(_="range")||p.detail===void 0&&(_="detail")){const D={instancePath:s+
"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/required",keyword:"required",params:{
missingProperty:_}};r===null?r=[D]:r.push(D),e++}else{const D=e;for(const h in p)if(!(h==="brightness"||h==="range"||h===
"detail")){const O={instancePath:s+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/\
1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:h}};r===null?r=[O]:r.push(O),e++;break}
if(D===e){if(p.brightness!==void 0){let h=p.brightness;const O=e;if(!(typeof h=="number"&&isFinite(h))){const C={instancePath:s+
"/combined/finish/brightness",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/brightness/\
type",keyword:"type",params:{type:"number"}};r===null?r=[C]:r.push(C),e++}var j=O===e}else var j=!0;if(j){if(p.range!==void 0){
let h=p.range;const O=e;if(!(typeof h=="number"&&isFinite(h))){const q={instancePath:s+"/combined/finish/range",schemaPath:"\
#/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/range/type",keyword:"type",params:{type:"number"}};r===
null?r=[q]:r.push(q),e++}var j=O===e}else var j=!0;if(j)if(p.detail!==void 0){let h=p.detail;const O=e;if(!(typeof h=="n\
umber"&&isFinite(h))){const q={instancePath:s+"/combined/finish/detail",schemaPath:"#/properties/combined/oneOf/1/proper\
ties/finish/oneOf/1/properties/detail/type",keyword:"type",params:{type:"number"}};r===null?r=[q]:r.push(q),e++}var j=O===
e}else var j=!0}}}}else{const _={instancePath:s+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/\
finish/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[_]:r.push(_),e++}var Q=R===e;if(Q&&c?(c=!1,a=[a,
1]):Q&&(c=!0,a=1),c)e=m,r!==null&&(m?r.length=m:r=null);else{const _={instancePath:s+"/combined/finish",schemaPath:"#/pr\
operties/combined/oneOf/1/properties/finish/oneOf",keyword:"oneOf",params:{passingSchemas:a}};r===null?r=[_]:r.push(_),e++}
var l=F===e}else var l=!0;if(l)if(n.floating!==void 0){const p=e;if(typeof n.floating!="boolean"){const m={instancePath:s+
"/combined/floating",schemaPath:"#/properties/combined/oneOf/1/properties/floating/type",keyword:"type",params:{type:"bo\
olean"}};r===null?r=[m]:r.push(m),e++}var l=p===e}else var l=!0}}}}}}else{const f={instancePath:s+"/combined",schemaPath:"\
#/properties/combined/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var J=V===e;if(J&&
L?(L=!1,i=[i,1]):J&&(L=!0,i=1),L)e=z,r!==null&&(z?r.length=z:r=null);else{const f={instancePath:s+"/combined",schemaPath:"\
#/properties/combined/oneOf",keyword:"oneOf",params:{passingSchemas:i}};return r===null?r=[f]:r.push(f),e++,I.errors=r,!1}
var o=w===e}else var o=!0;if(o)if(t.words!==void 0){let n=t.words;const w=e;if(e===w)if(n&&typeof n=="object"&&!Array.isArray(
n)){let L;if(n.source===void 0&&(L="source")||n.summary===void 0&&(L="summary"))return I.errors=[{instancePath:s+"/words",
schemaPath:"#/properties/words/required",keyword:"required",params:{missingProperty:L}}],!1;{const i=e;for(const P in n)
if(!(P==="source"||P==="summary")){return I.errors=[{instancePath:s+"/words",schemaPath:"#/properties/words/additionalPr\
operties",keyword:"additionalProperties",params:{additionalProperty:P}}],!1;break}if(i===e){if(n.source!==void 0){let P=n.
source;const V=e;if(e===V)if(typeof P=="string"){if(se(P)>200)return I.errors=[{instancePath:s+"/words/source",schemaPath:"\
#/properties/words/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return I.errors=[{instancePath:s+
"/words/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var M=V===
e}else var M=!0;if(M)if(n.summary!==void 0){let P=n.summary;const V=e;if(e===V)if(typeof P=="string"){if(se(P)>200)return I.
errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",
params:{limit:200}}],!1}else return I.errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties\
/summary/type",keyword:"type",params:{type:"string"}}],!1;var M=V===e}else var M=!0}}}else return I.errors=[{instancePath:s+
"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var o=w===e}else var o=!0}}}}}}}}}}}}}}}}}}}}}}}}}else
return I.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return I.errors=r,e===0}
const qe=X,_e={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{
type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif",
"heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,
maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^da\
ta:image/jpeg;base64,"}},required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},
Ne=new RegExp("^data:image/jpeg;base64,","u");function X(t,{instancePath:s="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let S;if(t.version===void 0&&(S="version")||t.id===
void 0&&(S="id")||t.capturedAt===void 0&&(S="capturedAt")||t.source===void 0&&(S="source")||t.summary===void 0&&(S="summ\
ary")||t.files===void 0&&(S="files")||t.thumbnail===void 0&&(S="thumbnail"))return X.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:S}}],!1;{const G=e;for(const g in t)if(!(g==="version"||g==="id"||
g==="capturedAt"||g==="source"||g==="summary"||g==="files"||g==="thumbnail")){return X.errors=[{instancePath:s,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:g}}],!1;break}if(G===e){if(t.version!==
void 0){const g=e;if(t.version!==1)return X.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:1}}],!1;var o=g===e}else var o=!0;if(o){if(t.id!==void 0){let g=t.id;const b=e;if(e===b)if(typeof g==
"string"){if(!Pe.test(g))return X.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return X.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var o=b===e}else var o=!0;if(o){if(t.capturedAt!==void 0){let g=t.capturedAt;const b=e;
if(e===b)if(typeof g=="number"&&isFinite(g)){if(g<0||isNaN(g))return X.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return X.errors=[{instancePath:s+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var o=b===e}else var o=!0;
if(o){if(t.source!==void 0){let g=t.source;const b=e;if(e===b)if(typeof g=="string"){if(se(g)>200)return X.errors=[{instancePath:s+
"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return X.errors=[{
instancePath:s+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var o=b===e}else
var o=!0;if(o){if(t.summary!==void 0){let g=t.summary;const b=e;if(e===b)if(typeof g=="string"){if(se(g)>200)return X.errors=
[{instancePath:s+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return X.errors=[{instancePath:s+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",params:{type:"string"}}],
!1;var o=b===e}else var o=!0;if(o){if(t.files!==void 0){let g=t.files;const b=e;if(e===b)if(Array.isArray(g)){if(g.length>
8)return X.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"maxItems",params:{limit:8}}],
!1;if(g.length<1)return X.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/minItems",keyword:"minItems",params:{
limit:1}}],!1;{var N=!0;const ee=g.length;for(let d=0;d<ee;d++){let v=g[d];const K=e;if(e===K)if(v&&typeof v=="object"&&
!Array.isArray(v)){let Z;if(v.kind===void 0&&(Z="kind")||v.name===void 0&&(Z="name")||v.bytes===void 0&&(Z="bytes")||v.chunks===
void 0&&(Z="chunks"))return X.errors=[{instancePath:s+"/files/"+d,schemaPath:"#/properties/files/items/required",keyword:"\
required",params:{missingProperty:Z}}],!1;{const l=e;for(const u in v)if(!(u==="kind"||u==="name"||u==="bytes"||u==="chu\
nks")){return X.errors=[{instancePath:s+"/files/"+d,schemaPath:"#/properties/files/items/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:u}}],!1;break}if(l===e){if(v.kind!==void 0){let u=v.kind;const E=e;if(!(u===
"dng"||u==="jpeg"||u==="tiff"||u==="png"||u==="webp"||u==="avif"||u==="heic"||u==="raw"))return X.errors=[{instancePath:s+
"/files/"+d+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"enum",params:{allowedValues:_e.properties.
files.items.properties.kind.enum}}],!1;var U=E===e}else var U=!0;if(U){if(v.name!==void 0){let u=v.name;const E=e;if(e===
E)if(typeof u=="string"){if(se(u)>160)return X.errors=[{instancePath:s+"/files/"+d+"/name",schemaPath:"#/properties/file\
s/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(se(u)<1)return X.errors=[{instancePath:s+
"/files/"+d+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",keyword:"minLength",params:{limit:1}}],
!1}else return X.errors=[{instancePath:s+"/files/"+d+"/name",schemaPath:"#/properties/files/items/properties/name/type",
keyword:"type",params:{type:"string"}}],!1;var U=E===e}else var U=!0;if(U){if(v.bytes!==void 0){let u=v.bytes;const E=e;
if(!(typeof u=="number"&&!(u%1)&&!isNaN(u)&&isFinite(u)))return X.errors=[{instancePath:s+"/files/"+d+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],!1;if(e===E&&typeof u=="number"&&
isFinite(u)&&(u<1||isNaN(u)))return X.errors=[{instancePath:s+"/files/"+d+"/bytes",schemaPath:"#/properties/files/items/\
properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var U=E===e}else var U=!0;if(U)if(v.chunks!==
void 0){let u=v.chunks;const E=e;if(!(typeof u=="number"&&!(u%1)&&!isNaN(u)&&isFinite(u)))return X.errors=[{instancePath:s+
"/files/"+d+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===E&&typeof u=="number"&&isFinite(u)){if(u>4096||isNaN(u))return X.errors=[{instancePath:s+"/files/"+d+"/chunks",
schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"<=",limit:4096}}],
!1;if(u<1||isNaN(u))return X.errors=[{instancePath:s+"/files/"+d+"/chunks",schemaPath:"#/properties/files/items/properti\
es/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var U=E===e}else var U=!0}}}}}else return X.errors=
[{instancePath:s+"/files/"+d,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"object"}}],!1;var N=K===
e;if(!N)break}}}else return X.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",keyword:"type",params:{
type:"array"}}],!1;var o=b===e}else var o=!0;if(o)if(t.thumbnail!==void 0){let g=t.thumbnail;const b=e;if(e===b)if(typeof g==
"string"){if(!Ne.test(g))return X.errors=[{instancePath:s+"/thumbnail",schemaPath:"#/properties/thumbnail/pattern",keyword:"\
pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return X.errors=[{instancePath:s+"/thumbnail",schemaPath:"\
#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var o=b===e}else var o=!0}}}}}}}}else return X.errors=
[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return X.errors=r,e===0}const Fe=pe,be={
$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},{type:"array",minItems:3,
maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},measuredAt:{type:[
"number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,maximum:30}},
required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function pe(t,{instancePath:s="",
parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(
t)){let G;if(t.version===void 0&&(G="version")||t.response===void 0&&(G="response")||t.measuredAt===void 0&&(G="measured\
At")||t.greyStops===void 0&&(G="greyStops")||t.evOffset===void 0&&(G="evOffset"))return pe.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:G}}],!1;{const g=e;for(const b in t)if(!(b==="version"||b==="resp\
onse"||b==="measuredAt"||b==="greyStops"||b==="evOffset")){return pe.errors=[{instancePath:s,schemaPath:"#/additionalPro\
perties",keyword:"additionalProperties",params:{additionalProperty:b}}],!1;break}if(g===e){if(t.version!==void 0){const b=e;
if(t.version!==1)return pe.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:1}}],!1;var o=b===e}else var o=!0;if(o){if(t.response!==void 0){let b=t.response;const W=e,ee=e;let d=!1,v=null;
const K=e;if(b!==null){const l={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/0/type",keyword:"type",
params:{type:"null"}};r===null?r=[l]:r.push(l),e++}var S=K===e;S&&(d=!0,v=0);const A=e;if(e===A)if(Array.isArray(b))if(b.
length>3){const l={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"maxItems",params:{
limit:3}};r===null?r=[l]:r.push(l),e++}else if(b.length<3){const l={instancePath:s+"/response",schemaPath:"#/properties/\
response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[l]:r.push(l),e++}else{var N=!0;const l=b.length;
for(let u=0;u<l;u++){let E=b[u];const j=e;if(e===j)if(Array.isArray(E))if(E.length>256){const J={instancePath:s+"/respon\
se/"+u,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?r=[J]:r.
push(J),e++}else if(E.length<256){const J={instancePath:s+"/response/"+u,schemaPath:"#/properties/response/oneOf/1/items\
/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[J]:r.push(J),e++}else{var U=!0;const J=E.length;for(let M=0;M<
J;M++){let T=E[M];const re=e;if(e===re)if(typeof T=="number"&&isFinite(T)){if(T>1||isNaN(T)){const w={instancePath:s+"/r\
esponse/"+u+"/"+M,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:1}};r===null?r=[w]:r.push(w),e++}else if(T<0||isNaN(T)){const w={instancePath:s+"/response/"+u+"/"+M,schemaPath:"\
#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[w]:r.
push(w),e++}}else{const w={instancePath:s+"/response/"+u+"/"+M,schemaPath:"#/properties/response/oneOf/1/items/items/typ\
e",keyword:"type",params:{type:"number"}};r===null?r=[w]:r.push(w),e++}var U=re===e;if(!U)break}}else{const J={instancePath:s+
"/response/"+u,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[J]:
r.push(J),e++}var N=j===e;if(!N)break}}else{const l={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/\
1/type",keyword:"type",params:{type:"array"}};r===null?r=[l]:r.push(l),e++}var S=A===e;if(S&&d?(d=!1,v=[v,1]):S&&(d=!0,v=
1),d)e=ee,r!==null&&(ee?r.length=ee:r=null);else{const l={instancePath:s+"/response",schemaPath:"#/properties/response/o\
neOf",keyword:"oneOf",params:{passingSchemas:v}};return r===null?r=[l]:r.push(l),e++,pe.errors=r,!1}var o=W===e}else var o=!0;
if(o){if(t.measuredAt!==void 0){let b=t.measuredAt;const W=e;if(!(typeof b=="number"&&isFinite(b))&&b!==null)return pe.errors=
[{instancePath:s+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:be.properties.measuredAt.
type}}],!1;var o=W===e}else var o=!0;if(o){if(t.greyStops!==void 0){let b=t.greyStops;const W=e;if(e===W)if(typeof b=="n\
umber"&&isFinite(b)){if(b>4||isNaN(b))return pe.errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/\
maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(b<-4||isNaN(b))return pe.errors=[{instancePath:s+"/g\
reyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return pe.
errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;
var o=W===e}else var o=!0;if(o)if(t.evOffset!==void 0){let b=t.evOffset;const W=e;if(!(typeof b=="number"&&isFinite(b))&&
b!==null)return pe.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:be.
properties.evOffset.type}}],!1;if(e===W&&typeof b=="number"&&isFinite(b)){if(b>30||isNaN(b))return pe.errors=[{instancePath:s+
"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(b<-30||
isNaN(b))return pe.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{
comparison:">=",limit:-30}}],!1}var o=W===e}else var o=!0}}}}}}else return pe.errors=[{instancePath:s,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return pe.errors=r,e===0}const ze=we,Ce={$id:"velmo/camera-choice/1",oneOf:[{
type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},
{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{
type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"\
integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function we(t,{instancePath:s="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){
let r=null,e=0;const o=e;let N=!1,U=null;const S=e;if(e===S)if(t&&typeof t=="object"&&!Array.isArray(t)){let v;if(t.device===
void 0&&(v="device")||t.scene===void 0&&(v="scene")){const K={instancePath:s,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:v}};r===null?r=[K]:r.push(K),e++}else{const K=e;for(const A in t)if(!(A==="device"||A===
"scene")){const Z={instancePath:s,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:A}};
r===null?r=[Z]:r.push(Z),e++;break}if(K===e){if(t.device!==void 0){const A=e;if(t.device!=="simulated"){const Z={instancePath:s+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
Z]:r.push(Z),e++}var G=A===e}else var G=!0;if(G)if(t.scene!==void 0){let A=t.scene;const Z=e;if(e===Z)if(typeof A=="stri\
ng"){if(se(A)>64){const u={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[u]:r.push(u),e++}var G=Z===e}else var G=!0}}}else{const v={
instancePath:s,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[v]:r.push(v),e++}var d=S===
e;d&&(N=!0,U=0);const g=e;if(e===g)if(t&&typeof t=="object"&&!Array.isArray(t)){let v;if(t.device===void 0&&(v="device")){
const K={instancePath:s,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:v}};r===null?r=[K]:r.
push(K),e++}else{const K=e;for(const A in t)if(!(A==="device"||A==="camera"||A==="size")){const Z={instancePath:s,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:A}};r===null?r=[Z]:r.push(Z),e++;
break}if(K===e){if(t.device!==void 0){const A=e;if(t.device!=="browser"){const Z={instancePath:s+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[Z]:r.push(Z),e++}var b=A===
e}else var b=!0;if(b){if(t.camera!==void 0){let A=t.camera;const Z=e;if(e===Z)if(A&&typeof A=="object"&&!Array.isArray(A)){
let u;if(A.id===void 0&&(u="id")||A.label===void 0&&(u="label")){const E={instancePath:s+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:u}};r===null?r=[E]:r.push(E),e++}else{const E=e;
for(const j in A)if(!(j==="id"||j==="label")){const Q={instancePath:s+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:j}};r===null?r=[Q]:r.push(Q),e++;break}if(E===
e){if(A.id!==void 0){let j=A.id;const Q=e;if(e===Q)if(typeof j=="string"){if(se(j)>512){const J={instancePath:s+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[J]:r.push(J),e++}}else{const J={instancePath:s+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[J]:r.push(J),e++}var W=Q===e}else var W=!0;if(W)if(A.label!==void 0){
let j=A.label;const Q=e;if(e===Q)if(typeof j=="string"){if(se(j)>512){const M={instancePath:s+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[M]:r.push(M),
e++}}else{const M={instancePath:s+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[M]:r.push(M),e++}var W=Q===e}else var W=!0}}}else{const u={instancePath:s+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}
var b=Z===e}else var b=!0;if(b)if(t.size!==void 0){let A=t.size;const Z=e;if(e===Z)if(A&&typeof A=="object"&&!Array.isArray(
A)){let u;if(A.width===void 0&&(u="width")||A.height===void 0&&(u="height")){const E={instancePath:s+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:u}};r===null?r=[E]:r.push(E),e++}else{const E=e;
for(const j in A)if(!(j==="width"||j==="height")){const Q={instancePath:s+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:j}};r===null?r=[Q]:r.push(Q),e++;break}if(E===
e){if(A.width!==void 0){let j=A.width;const Q=e;if(!(typeof j=="number"&&!(j%1)&&!isNaN(j)&&isFinite(j))){const J={instancePath:s+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[J]:r.push(J),e++}if(e===Q&&typeof j=="number"&&isFinite(j)){if(j>16384||isNaN(j)){const J={instancePath:s+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[J]:r.push(J),e++}else if(j<16||isNaN(j)){const J={instancePath:s+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[J]:r.push(J),e++}}var ee=Q===
e}else var ee=!0;if(ee)if(A.height!==void 0){let j=A.height;const Q=e;if(!(typeof j=="number"&&!(j%1)&&!isNaN(j)&&isFinite(
j))){const M={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[M]:r.push(M),e++}if(e===Q&&typeof j=="number"&&isFinite(j)){if(j>16384||isNaN(j)){const M={
instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[M]:r.push(M),e++}else if(j<16||isNaN(j)){const M={instancePath:s+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[M]:r.push(M),e++}}var ee=Q===e}else var ee=!0}}}else{const u={instancePath:s+"/size",schemaPath:"#/oneOf/1/prope\
rties/size/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var b=Z===e}else var b=!0}}}}else{const v={
instancePath:s,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[v]:r.push(v),e++}var d=g===
e;if(d&&N?(N=!1,U=[U,1]):d&&(N=!0,U=1),N)e=o,r!==null&&(o?r.length=o:r=null);else{const v={instancePath:s,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:U}};return r===null?r=[v]:r.push(v),e++,we.errors=r,!1}return we.errors=r,
e===0}const Le=Y,Oe={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]},reframe:{type:"object",properties:{quarters:{enum:[0,1,2,3]},tilt:{type:"integer",
minimum:-450,maximum:450},crop:{type:"object",properties:{x:{type:"number",minimum:-1,maximum:2},y:{type:"number",minimum:-1,
maximum:2},width:{type:"number",minimum:.001,maximum:2},height:{type:"number",minimum:.001,maximum:2}},required:["x","y",
"width","height"],additionalProperties:!1}},required:["quarters","tilt","crop"],additionalProperties:!1}},required:["ver\
sion","roll","choice"],additionalProperties:!1};function Y(t,{instancePath:s="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let S;if(t.version===void 0&&(S="version")||t.roll===
void 0&&(S="roll")||t.choice===void 0&&(S="choice"))return Y.errors=[{instancePath:s,schemaPath:"#/required",keyword:"re\
quired",params:{missingProperty:S}}],!1;{const G=e;for(const g in t)if(!(g==="version"||g==="roll"||g==="choice"||g==="r\
eframe")){return Y.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:g}}],
!1;break}if(G===e){if(t.version!==void 0){const g=e;if(t.version!==1)return Y.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var o=g===e}else var o=!0;if(o){if(t.roll!==void 0){
let g=t.roll;const b=e;if(e===b)if(typeof g=="string"){if(se(g)>200)return Y.errors=[{instancePath:s+"/roll",schemaPath:"\
#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return Y.errors=[{instancePath:s+"/roll",schemaPath:"\
#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var o=b===e}else var o=!0;if(o){if(t.choice!==void 0){
let g=t.choice;const b=e;if(!(g==="kept"||g==="dropped"||g===null))return Y.errors=[{instancePath:s+"/choice",schemaPath:"\
#/properties/choice/enum",keyword:"enum",params:{allowedValues:Oe.properties.choice.enum}}],!1;var o=b===e}else var o=!0;
if(o)if(t.reframe!==void 0){let g=t.reframe;const b=e;if(e===b)if(g&&typeof g=="object"&&!Array.isArray(g)){let ee;if(g.
quarters===void 0&&(ee="quarters")||g.tilt===void 0&&(ee="tilt")||g.crop===void 0&&(ee="crop"))return Y.errors=[{instancePath:s+
"/reframe",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:ee}}],!1;{const d=e;for(const v in g)
if(!(v==="quarters"||v==="tilt"||v==="crop")){return Y.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/refra\
me/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:v}}],!1;break}if(d===e){if(g.quarters!==
void 0){let v=g.quarters;const K=e;if(!(v===0||v===1||v===2||v===3))return Y.errors=[{instancePath:s+"/reframe/quarters",
schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:Oe.properties.reframe.properties.
quarters.enum}}],!1;var N=K===e}else var N=!0;if(N){if(g.tilt!==void 0){let v=g.tilt;const K=e;if(!(typeof v=="number"&&
!(v%1)&&!isNaN(v)&&isFinite(v)))return Y.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/proper\
ties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===K&&typeof v=="number"&&isFinite(v)){if(v>450||isNaN(v))
return Y.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"maxi\
mum",params:{comparison:"<=",limit:450}}],!1;if(v<-450||isNaN(v))return Y.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var N=K===e}else
var N=!0;if(N)if(g.crop!==void 0){let v=g.crop;const K=e;if(e===K)if(v&&typeof v=="object"&&!Array.isArray(v)){let Z;if(v.
x===void 0&&(Z="x")||v.y===void 0&&(Z="y")||v.width===void 0&&(Z="width")||v.height===void 0&&(Z="height"))return Y.errors=
[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:Z}}],
!1;{const l=e;for(const u in v)if(!(u==="x"||u==="y"||u==="width"||u==="height")){return Y.errors=[{instancePath:s+"/ref\
rame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:u}}],!1;break}if(l===e){if(v.x!==void 0){let u=v.x;const E=e;if(e===E)if(typeof u=="number"&&isFinite(
u)){if(u>2||isNaN(u))return Y.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop\
/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(u<-1||isNaN(u))return Y.errors=[{instancePath:s+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return Y.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/c\
rop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var U=E===e}else var U=!0;if(U){if(v.y!==void 0){let u=v.
y;const E=e;if(e===E)if(typeof u=="number"&&isFinite(u)){if(u>2||isNaN(u))return Y.errors=[{instancePath:s+"/reframe/cro\
p/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(u<-1||isNaN(u))return Y.errors=[{instancePath:s+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop\
/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return Y.errors=[{instancePath:s+"/\
reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"number"}}],
!1;var U=E===e}else var U=!0;if(U){if(v.width!==void 0){let u=v.width;const E=e;if(e===E)if(typeof u=="number"&&isFinite(
u)){if(u>2||isNaN(u))return Y.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/\
crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(u<.001||isNaN(u))return Y.errors=
[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return Y.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var U=E===e}else var U=!0;
if(U)if(v.height!==void 0){let u=v.height;const E=e;if(e===E)if(typeof u=="number"&&isFinite(u)){if(u>2||isNaN(u))return Y.
errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(u<.001||isNaN(u))return Y.errors=[{instancePath:s+"/refram\
e/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return Y.errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/prope\
rties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var U=E===e}else var U=!0}}}}}else return Y.
errors=[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var N=K===e}else var N=!0}}}}else return Y.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/ref\
rame/type",keyword:"type",params:{type:"object"}}],!1;var o=b===e}else var o=!0}}}}}else return Y.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return Y.errors=r,e===0}const De=le,Ve={$id:"velmo/roll/1",
type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function le(t,{
instancePath:s="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let N;if(t.version===void 0&&(N="version")||t.id===void 0&&(N="id")||t.name===void 0&&(N="name")||t.madeAt===
void 0&&(N="madeAt"))return le.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:N}}],
!1;{const U=e;for(const S in t)if(!(S==="version"||S==="id"||S==="name"||S==="madeAt")){return le.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:S}}],!1;break}if(U===e){if(t.
version!==void 0){const S=e;if(t.version!==1)return le.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var o=S===e}else var o=!0;if(o){if(t.id!==void 0){let S=t.id;const G=e;
if(e===G)if(typeof S=="string"){if(se(S)>200)return le.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(se(S)<1)return le.errors=[{instancePath:s+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return le.errors=[{instancePath:s+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var o=G===e}else var o=!0;if(o){if(t.name!==void 0){let S=t.
name;const G=e;if(e===G)if(typeof S=="string"){if(se(S)>40)return le.errors=[{instancePath:s+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(se(S)<1)return le.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return le.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var o=G===e}else var o=!0;if(o)if(t.madeAt!==void 0){
let S=t.madeAt;const G=e;if(e===G)if(typeof S=="number"&&isFinite(S)){if(S<0||isNaN(S))return le.errors=[{instancePath:s+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return le.
errors=[{instancePath:s+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var o=G===
e}else var o=!0}}}}}else return le.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return le.errors=r,e===0}const Ie=ue,He={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function ue(t,{instancePath:s="",parentData:de,parentDataProperty:ce,rootData:ye=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t==
"object"&&!Array.isArray(t)){let N;if(t.version===void 0&&(N="version")||t.clips===void 0&&(N="clips")||t.zebra===void 0&&
(N="zebra")||t.edges===void 0&&(N="edges"))return ue.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",
params:{missingProperty:N}}],!1;{const U=e;for(const S in t)if(!(S==="version"||S==="clips"||S==="zebra"||S==="edges")){
return ue.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:S}}],
!1;break}if(U===e){if(t.version!==void 0){const S=e;if(t.version!==1)return ue.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var o=S===e}else var o=!0;if(o){if(t.clips!==void 0){
const S=e;if(typeof t.clips!="boolean")return ue.errors=[{instancePath:s+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var o=S===e}else var o=!0;if(o){if(t.zebra!==void 0){const S=e;if(typeof t.zebra!="bo\
olean")return ue.errors=[{instancePath:s+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var o=S===e}else var o=!0;if(o)if(t.edges!==void 0){const S=e;if(typeof t.edges!="boolean")return ue.errors=[
{instancePath:s+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var o=S===e}else
var o=!0}}}}}else return ue.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ue.
errors=r,e===0}export{ze as cameraChoice,Fe as cameraLight,Le as decision,je as frameRecord,Ie as markChoice,qe as olderFrameRecord,Se as preferences,
De as rollRecord,Ae as settings};
