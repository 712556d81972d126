/* Made of the schemas by `npm run validators`. */
const Ne=L,ae={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
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
"series","delayS"],additionalProperties:!1},ve=Object.prototype.hasOwnProperty,Oe=new RegExp("^[a-z0-9-]{1,32}$","u");function L(t,{
instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let S;if(t.version===void 0&&(S="version")||t.lens===void 0&&(S="lens")||t.crop===void 0&&(S="crop")||
t.time===void 0&&(S="time")||t.iso===void 0&&(S="iso")||t.compClicks===void 0&&(S="compClicks")||t.meter===void 0&&(S="m\
eter")||t.support===void 0&&(S="support")||t.stabiliserStops===void 0&&(S="stabiliserStops")||t.filterStops===void 0&&(S=
"filterStops")||t.torch===void 0&&(S="torch")||t.flash===void 0&&(S="flash")||t.subject===void 0&&(S="subject")||t.mainsHz===
void 0&&(S="mainsHz")||t.sizeMp===void 0&&(S="sizeMp")||t.focus===void 0&&(S="focus")||t.white===void 0&&(S="white")||t.
files===void 0&&(S="files")||t.jpegQuality===void 0&&(S="jpegQuality")||t.average===void 0&&(S="average")||t.aspect===void 0&&
(S="aspect")||t.series===void 0&&(S="series")||t.delayS===void 0&&(S="delayS"))return L.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:S}}],!1;{const l=e;for(const i in t)if(!ve.call(ae.properties,i)){
return L.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:i}}],
!1;break}if(l===e){if(t.version!==void 0){const i=e;if(t.version!==8)return L.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var o=i===e}else var o=!0;if(o){if(t.lens!==void 0){
let i=t.lens;const x=e;if(e===x)if(typeof i=="string"){if(!Oe.test(i))return L.errors=[{instancePath:s+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return L.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var o=x===e}else var o=!0;if(o){if(t.
crop!==void 0){let i=t.crop;const x=e;if(e===x)if(typeof i=="number"&&isFinite(i)){if(i>4||isNaN(i))return L.errors=[{instancePath:s+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(i<1||isNaN(i))
return L.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return L.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var o=x===e}else var o=!0;if(o){if(t.time!==void 0){let i=t.time;const x=e,_=e;let C=!1,I=null;const Q=e;if(e===
Q)if(i&&typeof i=="object"&&!Array.isArray(i)){let c;if(i.mode===void 0&&(c="mode")){const D={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:c}};r===null?r=[D]:r.push(D),e++}else{const D=e;
for(const n in i)if(n!=="mode"){const k={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[k]:r.push(k),e++;break}if(D===e&&i.mode!==
void 0&&i.mode!=="auto"){const n={instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const c={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}var H=Q===e;H&&(C=!0,
I=0);const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.isArray(i)){let c;if(i.mode===void 0&&(c="mode")||i.click===void 0&&
(c="click")){const D={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:c}};r===null?r=[D]:r.push(D),e++}else{const D=e;for(const n in i)if(!(n==="mode"||n==="click")){const k={
instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:n}};r===null?r=[k]:r.push(k),e++;break}if(D===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const k={
instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[k]:r.push(k),e++}var P=n===e}else var P=!0;if(P)if(i.click!==void 0){let n=i.click;const k=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const h={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[h]:r.push(h),e++}if(e===k&&typeof n=="number"&&
isFinite(n)){if(n>18||isNaN(n)){const h={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[h]:r.push(h),e++}else if(n<-39||isNaN(n)){
const h={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[h]:r.push(h),e++}}var P=k===e}else var P=!0}}}else{const c={instancePath:s+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}
var H=Y===e;if(H&&C?(C=!1,I=[I,1]):H&&(C=!0,I=1),C)e=_,r!==null&&(_?r.length=_:r=null);else{const c={instancePath:s+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:I}};return r===null?r=[c]:r.push(c),e++,
L.errors=r,!1}var o=x===e}else var o=!0;if(o){if(t.iso!==void 0){let i=t.iso;const x=e,_=e;let C=!1,I=null;const Q=e;if(e===
Q)if(i&&typeof i=="object"&&!Array.isArray(i)){let c;if(i.mode===void 0&&(c="mode")){const D={instancePath:s+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:c}};r===null?r=[D]:r.push(D),e++}else{const D=e;
for(const n in i)if(n!=="mode"){const k={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[k]:r.push(k),e++;break}if(D===e&&i.mode!==void 0&&
i.mode!=="auto"){const n={instancePath:s+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const c={instancePath:s+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}var B=Q===e;B&&(C=!0,I=0);
const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.isArray(i)){let c;if(i.mode===void 0&&(c="mode")||i.click===void 0&&
(c="click")){const D={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:c}};
r===null?r=[D]:r.push(D),e++}else{const D=e;for(const n in i)if(!(n==="mode"||n==="click")){const k={instancePath:s+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[k]:r.push(k),e++;break}if(D===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const k={instancePath:s+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[k]:r.push(k),e++}var O=n===e}else var O=!0;if(O)if(i.click!==void 0){let n=i.click;const k=e;if(!(typeof n=="num\
ber"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const h={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[h]:r.push(h),e++}if(e===k&&typeof n=="number"&&isFinite(
n)){if(n>24||isNaN(n)){const h={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[h]:r.push(h),e++}else if(n<-6||isNaN(n)){const h={instancePath:s+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[h]:r.push(h),e++}}var O=k===e}else var O=!0}}}else{const c={instancePath:s+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}var B=Y===e;if(B&&C?(C=!1,I=[I,1]):
B&&(C=!0,I=1),C)e=_,r!==null&&(_?r.length=_:r=null);else{const c={instancePath:s+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:I}};return r===null?r=[c]:r.push(c),e++,L.errors=r,!1}var o=x===e}else var o=!0;
if(o){if(t.compClicks!==void 0){let i=t.compClicks;const x=e;if(e===x)if(typeof i=="number"&&isFinite(i)){if(i>18||isNaN(
i))return L.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(i<-18||isNaN(i))return L.errors=[{instancePath:s+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let C;if(C=i/.5,C!==parseInt(C))return L.
errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return L.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var o=x===e}else var o=!0;if(o){if(t.meter!==void 0){let i=t.meter;const x=e;if(e===x)if(i&&typeof i==
"object"&&!Array.isArray(i)){let C;if(i.pattern===void 0&&(C="pattern")||i.spot===void 0&&(C="spot")||i.lockedEv100===void 0&&
(C="lockedEv100"))return L.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:C}}],!1;{const I=e;for(const Q in i)if(!(Q==="pattern"||Q==="spot"||Q==="lockedEv100")){return L.
errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:Q}}],!1;break}if(I===e){if(i.pattern!==void 0){let Q=i.pattern;const Y=e;if(!(Q==="whole"||Q==="centr\
e"||Q==="spot"||Q==="highlights"))return L.errors=[{instancePath:s+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:ae.properties.meter.properties.pattern.enum}}],!1;var v=Y===e}else
var v=!0;if(v){if(i.spot!==void 0){let Q=i.spot;const Y=e;if(e===Y)if(Q&&typeof Q=="object"&&!Array.isArray(Q)){let c;if(Q.
x===void 0&&(c="x")||Q.y===void 0&&(c="y"))return L.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:c}}],!1;{const D=e;for(const n in Q)if(!(n==="x"||
n==="y")){return L.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:n}}],!1;break}if(D===e){if(Q.x!==void 0){let n=Q.x;const k=e;
if(e===k)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return L.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(n<0||
isNaN(n))return L.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return L.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var g=k===e}else var g=!0;
if(g)if(Q.y!==void 0){let n=Q.y;const k=e;if(e===k)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return L.errors=
[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(n<0||isNaN(n))return L.errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return L.
errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var g=k===e}else var g=!0}}}else return L.errors=[{instancePath:s+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var v=Y===e}else var v=!0;if(v)if(i.
lockedEv100!==void 0){let Q=i.lockedEv100;const Y=e;if(!(typeof Q=="number"&&isFinite(Q))&&Q!==null)return L.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:ae.properties.
meter.properties.lockedEv100.type}}],!1;if(e===Y&&typeof Q=="number"&&isFinite(Q)){if(Q>30||isNaN(Q))return L.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(Q<-20||isNaN(Q))return L.errors=[{instancePath:s+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var v=Y===e}else var v=!0}}}}else
return L.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var o=x===e}else var o=!0;if(o){if(t.support!==void 0){let i=t.support;const x=e;if(!(i==="hand"||i==="tripod"))return L.
errors=[{instancePath:s+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:ae.properties.
support.enum}}],!1;var o=x===e}else var o=!0;if(o){if(t.stabiliserStops!==void 0){let i=t.stabiliserStops;const x=e;if(!(typeof i==
"number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return L.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===x&&typeof i=="number"&&isFinite(i)){if(i>5||isNaN(
i))return L.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(i<0||isNaN(i))return L.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var o=x===e}else var o=!0;
if(o){if(t.filterStops!==void 0){let i=t.filterStops;const x=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))
return L.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===x&&typeof i=="number"&&isFinite(i)){if(i>10||isNaN(i))return L.errors=[{instancePath:s+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(i<0||isNaN(
i))return L.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var o=x===e}else var o=!0;if(o){if(t.torch!==void 0){const i=e;if(typeof t.torch!="boolean")
return L.errors=[{instancePath:s+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var o=i===e}else var o=!0;if(o){if(t.flash!==void 0){let i=t.flash;const x=e;if(!(i==="off"||i==="begin"||i==="end"))
return L.errors=[{instancePath:s+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:ae.properties.
flash.enum}}],!1;var o=x===e}else var o=!0;if(o){if(t.subject!==void 0){let i=t.subject;const x=e;if(!(i==="scene"||i===
"still"||i==="walking"||i==="running"||i==="vehicle"))return L.errors=[{instancePath:s+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:ae.properties.subject.enum}}],!1;var o=x===e}else var o=!0;if(o){if(t.
mainsHz!==void 0){let i=t.mainsHz;const x=e;if(!(i===50||i===60))return L.errors=[{instancePath:s+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:ae.properties.mainsHz.enum}}],!1;var o=x===e}else var o=!0;
if(o){if(t.sizeMp!==void 0){let i=t.sizeMp;const x=e;if(!(i===12||i===3))return L.errors=[{instancePath:s+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:ae.properties.sizeMp.enum}}],!1;var o=x===e}else var o=!0;
if(o){if(t.focus!==void 0){let i=t.focus;const x=e,_=e;let C=!1,I=null;const Q=e;if(e===Q)if(i&&typeof i=="object"&&!Array.
isArray(i)){let c;if(i.mode===void 0&&(c="mode")||i.spot===void 0&&(c="spot")||i.follow===void 0&&(c="follow")){const D={
instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:c}};
r===null?r=[D]:r.push(D),e++}else{const D=e;for(const n in i)if(!(n==="mode"||n==="spot"||n==="follow")){const k={instancePath:s+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[k]:r.push(k),e++;break}if(D===e){if(i.mode!==void 0){const n=e;if(i.mode!=="auto"){const k={instancePath:s+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[k]:r.push(k),e++}var W=n===e}else var W=!0;if(W){if(i.spot!==void 0){let n=i.spot;const k=e;if(e===k)if(n&&typeof n==
"object"&&!Array.isArray(n)){let h;if(n.x===void 0&&(h="x")||n.y===void 0&&(h="y")){const F={instancePath:s+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:h}};r===null?
r=[F]:r.push(F),e++}else{const F=e;for(const V in n)if(!(V==="x"||V==="y")){const A={instancePath:s+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:V}};
r===null?r=[A]:r.push(A),e++;break}if(F===e){if(n.x!==void 0){let V=n.x;const A=e;if(e===A)if(typeof V=="number"&&isFinite(
V)){if(V>1||isNaN(V)){const q={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[q]:r.push(q),e++}else if(V<0||isNaN(V)){
const q={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[q]:r.push(q),e++}}else{const q={instancePath:s+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[q]:r.push(
q),e++}var X=A===e}else var X=!0;if(X)if(n.y!==void 0){let V=n.y;const A=e;if(e===A)if(typeof V=="number"&&isFinite(V)){
if(V>1||isNaN(V)){const E={instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[E]:r.push(E),e++}else if(V<0||isNaN(V)){const E={
instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[E]:r.push(E),e++}}else{const E={instancePath:s+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[E]:r.push(
E),e++}var X=A===e}else var X=!0}}}else{const h={instancePath:s+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var W=k===e}else var W=!0;if(W)if(i.
follow!==void 0){const n=e;if(typeof i.follow!="boolean"){const G={instancePath:s+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[G]:r.push(G),e++}var W=n===
e}else var W=!0}}}}else{const c={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[c]:r.push(c),e++}var y=Q===e;y&&(C=!0,I=0);const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.
isArray(i)){let c;if(i.mode===void 0&&(c="mode")||i.dioptres===void 0&&(c="dioptres")){const D={instancePath:s+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:c}};r===null?r=[D]:r.push(D),
e++}else{const D=e;for(const n in i)if(!(n==="mode"||n==="dioptres")){const k={instancePath:s+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[k]:
r.push(k),e++;break}if(D===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const k={instancePath:s+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[k]:r.push(k),
e++}var f=n===e}else var f=!0;if(f)if(i.dioptres!==void 0){let n=i.dioptres;const k=e;if(e===k)if(typeof n=="number"&&isFinite(
n)){if(n>25||isNaN(n)){const h={instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[h]:r.push(h),e++}else if(n<-1||isNaN(n)){const h={
instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:s+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[h]:r.push(h),e++}var f=k===
e}else var f=!0}}}else{const c={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[c]:r.push(c),e++}var y=Y===e;if(y&&C?(C=!1,I=[I,1]):y&&(C=!0,I=1),C)e=_,r!==null&&(_?r.length=
_:r=null);else{const c={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:I}};
return r===null?r=[c]:r.push(c),e++,L.errors=r,!1}var o=x===e}else var o=!0;if(o){if(t.white!==void 0){let i=t.white;const x=e,
_=e;let C=!1,I=null;const Q=e;if(e===Q)if(i&&typeof i=="object"&&!Array.isArray(i)){let c;if(i.mode===void 0&&(c="mode")||
i.locked===void 0&&(c="locked")){const D={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:c}};r===null?r=[D]:r.push(D),e++}else{const D=e;for(const n in i)if(!(n==="mode"||n===
"locked")){const k={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:n}};r===null?r=[k]:r.push(k),e++;break}if(D===e){if(i.mode!==void 0){const n=e;
if(i.mode!=="auto"){const k={instancePath:s+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[k]:r.push(k),e++}var J=n===e}else var J=!0;if(J)if(i.locked!==
void 0){let n=i.locked;const k=e,G=e;let h=!1,F=null;const V=e;if(n!==null){const E={instancePath:s+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[E]:r.push(E),
e++}var $=V===e;$&&(h=!0,F=0);const A=e;if(e===A)if(n&&typeof n=="object"&&!Array.isArray(n)){let E;if(n.kelvin===void 0&&
(E="kelvin")||n.tint===void 0&&(E="tint")){const Z={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:E}};r===null?r=[Z]:r.push(Z),e++}else{const Z=e;
for(const se in n)if(!(se==="kelvin"||se==="tint")){const ie={instancePath:s+"/white/locked",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:se}};
r===null?r=[ie]:r.push(ie),e++;break}if(Z===e){if(n.kelvin!==void 0){let se=n.kelvin;const ie=e;if(e===ie)if(typeof se==
"number"&&isFinite(se)){if(se>12e3||isNaN(se)){const re={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/\
white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};
r===null?r=[re]:r.push(re),e++}else if(se<2e3||isNaN(se)){const re={instancePath:s+"/white/locked/kelvin",schemaPath:"#/\
properties/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",
limit:2e3}};r===null?r=[re]:r.push(re),e++}}else{const re={instancePath:s+"/white/locked/kelvin",schemaPath:"#/propertie\
s/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[re]:
r.push(re),e++}var b=ie===e}else var b=!0;if(b)if(n.tint!==void 0){let se=n.tint;const ie=e;if(e===ie)if(typeof se=="num\
ber"&&isFinite(se)){if(se>30||isNaN(se)){const oe={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/on\
eOf/0/properties/locked/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=
[oe]:r.push(oe),e++}else if(se<-30||isNaN(se)){const oe={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===
null?r=[oe]:r.push(oe),e++}}else{const oe={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/pr\
operties/locked/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[oe]:r.push(oe),e++}var b=ie===
e}else var b=!0}}}else{const E={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[E]:r.push(E),e++}var $=A===e;if($&&h?(h=!1,F=[F,1]):$&&
(h=!0,F=1),h)e=G,r!==null&&(G?r.length=G:r=null);else{const E={instancePath:s+"/white/locked",schemaPath:"#/properties/w\
hite/oneOf/0/properties/locked/oneOf",keyword:"oneOf",params:{passingSchemas:F}};r===null?r=[E]:r.push(E),e++}var J=k===
e}else var J=!0}}}else{const c={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[c]:r.push(c),e++}var m=Q===e;m&&(C=!0,I=0);const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.
isArray(i)){let c;if(i.mode===void 0&&(c="mode")||i.kelvin===void 0&&(c="kelvin")||i.tint===void 0&&(c="tint")){const D={
instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:c}};
r===null?r=[D]:r.push(D),e++}else{const D=e;for(const n in i)if(!(n==="mode"||n==="kelvin"||n==="tint")){const k={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[k]:r.push(k),e++;break}if(D===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const k={instancePath:s+"\
/white/mode",schemaPath:"#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};
r===null?r=[k]:r.push(k),e++}var p=n===e}else var p=!0;if(p){if(i.kelvin!==void 0){let n=i.kelvin;const k=e;if(e===k)if(typeof n==
"number"&&isFinite(n)){if(n>12e3||isNaN(n)){const h={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf\
/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[h]:r.push(h),e++}else if(n<
2e3||isNaN(n)){const h={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",
keyword:"minimum",params:{comparison:">=",limit:2e3}};r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:s+"/white\
/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?
r=[h]:r.push(h),e++}var p=k===e}else var p=!0;if(p)if(i.tint!==void 0){let n=i.tint;const k=e;if(e===k)if(typeof n=="num\
ber"&&isFinite(n)){if(n>30||isNaN(n)){const h={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/prope\
rties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[h]:r.push(h),e++}else if(n<-30||isNaN(
n)){const h={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minim\
um",params:{comparison:">=",limit:-30}};r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:s+"/white/tint",schemaPath:"\
#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[h]:r.push(h),e++}var p=k===
e}else var p=!0}}}}else{const c={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[c]:r.push(c),e++}var m=Y===e;if(m&&C?(C=!1,I=[I,1]):m&&(C=!0,I=1),C)e=_,r!==null&&(_?r.length=
_:r=null);else{const c={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:I}};
return r===null?r=[c]:r.push(c),e++,L.errors=r,!1}var o=x===e}else var o=!0;if(o){if(t.files!==void 0){let i=t.files;const x=e;
if(!(i==="dng"||i==="dng+jpeg"||i==="jpeg"||i==="tiff"||i==="png"))return L.errors=[{instancePath:s+"/files",schemaPath:"\
#/properties/files/enum",keyword:"enum",params:{allowedValues:ae.properties.files.enum}}],!1;var o=x===e}else var o=!0;if(o){
if(t.jpegQuality!==void 0){let i=t.jpegQuality;const x=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return L.
errors=[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===x&&typeof i=="number"&&isFinite(i)){if(i>100||isNaN(i))return L.errors=[{instancePath:s+"/jpegQuality",schemaPath:"\
#/properties/jpegQuality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(i<60||isNaN(i))return L.errors=
[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",
limit:60}}],!1}var o=x===e}else var o=!0;if(o){if(t.average!==void 0){let i=t.average;const x=e,_=e;let C=!1,I=null;const Q=e;
if(i!==1){const c={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};
r===null?r=[c]:r.push(c),e++}var a=Q===e;a&&(C=!0,I=0);const Y=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i))){
const c={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};
r===null?r=[c]:r.push(c),e++}if(e===Y&&typeof i=="number"&&isFinite(i)){if(i>64||isNaN(i)){const c={instancePath:s+"/ave\
rage",schemaPath:"#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=
[c]:r.push(c),e++}else if(i<4||isNaN(i)){const c={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/min\
imum",keyword:"minimum",params:{comparison:">=",limit:4}};r===null?r=[c]:r.push(c),e++}}var a=Y===e;if(a&&C?(C=!1,I=[I,1]):
a&&(C=!0,I=1),C)e=_,r!==null&&(_?r.length=_:r=null);else{const c={instancePath:s+"/average",schemaPath:"#/properties/ave\
rage/oneOf",keyword:"oneOf",params:{passingSchemas:I}};return r===null?r=[c]:r.push(c),e++,L.errors=r,!1}var o=x===e}else
var o=!0;if(o){if(t.aspect!==void 0){let i=t.aspect;const x=e;if(!(i==="4:3"||i==="3:2"||i==="16:9"||i==="1:1"))return L.
errors=[{instancePath:s+"/aspect",schemaPath:"#/properties/aspect/enum",keyword:"enum",params:{allowedValues:ae.properties.
aspect.enum}}],!1;var o=x===e}else var o=!0;if(o){if(t.series!==void 0){let i=t.series;const x=e,_=e;let C=!1,I=null;const Q=e;
if(e===Q)if(i&&typeof i=="object"&&!Array.isArray(i)){let c;if(i.kind===void 0&&(c="kind")){const D={instancePath:s+"/se\
ries",schemaPath:"#/properties/series/oneOf/0/required",keyword:"required",params:{missingProperty:c}};r===null?r=[D]:r.
push(D),e++}else{const D=e;for(const n in i)if(n!=="kind"){const k={instancePath:s+"/series",schemaPath:"#/properties/se\
ries/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[k]:r.push(k),
e++;break}if(D===e&&i.kind!==void 0&&i.kind!=="single"){const n={instancePath:s+"/series/kind",schemaPath:"#/properties/\
series/oneOf/0/properties/kind/const",keyword:"const",params:{allowedValue:"single"}};r===null?r=[n]:r.push(n),e++}}}else{
const c={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===
null?r=[c]:r.push(c),e++}var j=Q===e;j&&(C=!0,I=0);const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.isArray(i)){let c;
if(i.kind===void 0&&(c="kind")||i.frames===void 0&&(c="frames")||i.stepClicks===void 0&&(c="stepClicks")||i.order===void 0&&
(c="order")){const D={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{
missingProperty:c}};r===null?r=[D]:r.push(D),e++}else{const D=e;for(const n in i)if(!(n==="kind"||n==="frames"||n==="ste\
pClicks"||n==="order")){const k={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[k]:r.push(k),e++;break}if(D===e){if(i.kind!==void 0){
const n=e;if(i.kind!=="bracket"){const k={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properti\
es/kind/const",keyword:"const",params:{allowedValue:"bracket"}};r===null?r=[k]:r.push(k),e++}var d=n===e}else var d=!0;if(d){
if(i.frames!==void 0){let n=i.frames;const k=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const h={instancePath:s+
"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};
r===null?r=[h]:r.push(h),e++}if(e===k&&typeof n=="number"&&isFinite(n)){if(n>9||isNaN(n)){const h={instancePath:s+"/seri\
es/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",
limit:9}};r===null?r=[h]:r.push(h),e++}else if(n<2||isNaN(n)){const h={instancePath:s+"/series/frames",schemaPath:"#/pro\
perties/series/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[h]:r.push(
h),e++}}var d=k===e}else var d=!0;if(d){if(i.stepClicks!==void 0){let n=i.stepClicks;const k=e;if(!(typeof n=="number"&&
!(n%1)&&!isNaN(n)&&isFinite(n))){const h={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/pr\
operties/stepClicks/type",keyword:"type",params:{type:"integer"}};r===null?r=[h]:r.push(h),e++}if(e===k&&typeof n=="numb\
er"&&isFinite(n)){if(n>9||isNaN(n)){const h={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1\
/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[h]:r.push(h),e++}else if(n<
1||isNaN(n)){const h={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/\
minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[h]:r.push(h),e++}}var d=k===e}else var d=!0;if(d)
if(i.order!==void 0){let n=i.order;const k=e;if(!(n==="middle-first"||n==="dark-first"||n==="bright-first")){const h={instancePath:s+
"/series/order",schemaPath:"#/properties/series/oneOf/1/properties/order/enum",keyword:"enum",params:{allowedValues:ae.properties.
series.oneOf[1].properties.order.enum}};r===null?r=[h]:r.push(h),e++}var d=k===e}else var d=!0}}}}}else{const c={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),
e++}var j=Y===e;if(j&&C)C=!1,I=[I,1];else{j&&(C=!0,I=1);const c=e;if(e===c)if(i&&typeof i=="object"&&!Array.isArray(i)){
let n;if(i.kind===void 0&&(n="kind")||i.frames===void 0&&(n="frames")){const k={instancePath:s+"/series",schemaPath:"#/p\
roperties/series/oneOf/2/required",keyword:"required",params:{missingProperty:n}};r===null?r=[k]:r.push(k),e++}else{const k=e;
for(const G in i)if(!(G==="kind"||G==="frames")){const h={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:G}};r===null?r=[h]:r.push(h),e++;break}
if(k===e){if(i.kind!==void 0){const G=e;if(i.kind!=="burst"){const h={instancePath:s+"/series/kind",schemaPath:"#/proper\
ties/series/oneOf/2/properties/kind/const",keyword:"const",params:{allowedValue:"burst"}};r===null?r=[h]:r.push(h),e++}var N=G===
e}else var N=!0;if(N)if(i.frames!==void 0){let G=i.frames;const h=e;if(!(typeof G=="number"&&!(G%1)&&!isNaN(G)&&isFinite(
G))){const V={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[V]:r.push(V),e++}if(e===h&&typeof G=="number"&&isFinite(G)){if(G>60||isNaN(G)){
const V={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:60}};r===null?r=[V]:r.push(V),e++}else if(G<3||isNaN(G)){const V={instancePath:s+"/s\
eries/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">\
=",limit:3}};r===null?r=[V]:r.push(V),e++}}var N=h===e}else var N=!0}}}else{const n={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var j=c===e;if(j&&
C)C=!1,I=[I,2];else{j&&(C=!0,I=2);const n=e;if(e===n)if(i&&typeof i=="object"&&!Array.isArray(i)){let G;if(i.kind===void 0&&
(G="kind")||i.places===void 0&&(G="places")||i.nearDioptres===void 0&&(G="nearDioptres")||i.farDioptres===void 0&&(G="fa\
rDioptres")||i.overlap===void 0&&(G="overlap")){const h={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/\
3/required",keyword:"required",params:{missingProperty:G}};r===null?r=[h]:r.push(h),e++}else{const h=e;for(const F in i)
if(!(F==="kind"||F==="places"||F==="nearDioptres"||F==="farDioptres"||F==="overlap")){const V={instancePath:s+"/series",
schemaPath:"#/properties/series/oneOf/3/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:F}};
r===null?r=[V]:r.push(V),e++;break}if(h===e){if(i.kind!==void 0){const F=e;if(i.kind!=="focus"){const V={instancePath:s+
"/series/kind",schemaPath:"#/properties/series/oneOf/3/properties/kind/const",keyword:"const",params:{allowedValue:"focu\
s"}};r===null?r=[V]:r.push(V),e++}var w=F===e}else var w=!0;if(w){if(i.places!==void 0){let F=i.places;const V=e,A=e;let q=!1,
E=null;const Z=e;if(F!==null){const re={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properti\
es/places/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[re]:r.push(re),e++}var U=Z===e;U&&(q=!0,E=0);const se=e;
if(e===se)if(Array.isArray(F))if(F.length>30){const re={instancePath:s+"/series/places",schemaPath:"#/properties/series/\
oneOf/3/properties/places/oneOf/1/maxItems",keyword:"maxItems",params:{limit:30}};r===null?r=[re]:r.push(re),e++}else{var M=!0;
const re=F.length;for(let oe=0;oe<re;oe++){let he=F[oe];const we=e;if(e===we)if(typeof he=="number"&&isFinite(he)){if(he>
25||isNaN(he)){const ye={instancePath:s+"/series/places/"+oe,schemaPath:"#/properties/series/oneOf/3/properties/places/o\
neOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[ye]:r.push(ye),e++}else if(he<-1||
isNaN(he)){const ye={instancePath:s+"/series/places/"+oe,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf\
/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[ye]:r.push(ye),e++}}else{const ye={instancePath:s+
"/series/places/"+oe,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/type",keyword:"type",params:{
type:"number"}};r===null?r=[ye]:r.push(ye),e++}var M=we===e;if(!M)break}}else{const re={instancePath:s+"/series/places",
schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=
[re]:r.push(re),e++}var U=se===e;if(U&&q?(q=!1,E=[E,1]):U&&(q=!0,E=1),q)e=A,r!==null&&(A?r.length=A:r=null);else{const re={
instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{
passingSchemas:E}};r===null?r=[re]:r.push(re),e++}var w=V===e}else var w=!0;if(w){if(i.nearDioptres!==void 0){let F=i.nearDioptres;
const V=e;if(e===V)if(typeof F=="number"&&isFinite(F)){if(F>25||isNaN(F)){const q={instancePath:s+"/series/nearDioptres",
schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};
r===null?r=[q]:r.push(q),e++}else if(F<-1||isNaN(F)){const q={instancePath:s+"/series/nearDioptres",schemaPath:"#/proper\
ties/series/oneOf/3/properties/nearDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[q]:
r.push(q),e++}}else{const q={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/ne\
arDioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[q]:r.push(q),e++}var w=V===e}else var w=!0;if(w){if(i.
farDioptres!==void 0){let F=i.farDioptres;const V=e;if(e===V)if(typeof F=="number"&&isFinite(F)){if(F>25||isNaN(F)){const q={
instancePath:s+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"ma\
ximum",params:{comparison:"<=",limit:25}};r===null?r=[q]:r.push(q),e++}else if(F<-1||isNaN(F)){const q={instancePath:s+"\
/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}};r===null?r=[q]:r.push(q),e++}}else{const q={instancePath:s+"/series/farDioptres",schemaPath:"#/properties\
/series/oneOf/3/properties/farDioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[q]:r.push(q),e++}var w=V===
e}else var w=!0;if(w)if(i.overlap!==void 0){let F=i.overlap;const V=e;if(e===V)if(typeof F=="number"&&isFinite(F)){if(F>
.8||isNaN(F)){const q={instancePath:s+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maxim\
um",keyword:"maximum",params:{comparison:"<=",limit:.8}};r===null?r=[q]:r.push(q),e++}else if(F<0||isNaN(F)){const q={instancePath:s+
"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}};r===null?r=[q]:r.push(q),e++}}else{const q={instancePath:s+"/series/overlap",schemaPath:"#/properties/seri\
es/oneOf/3/properties/overlap/type",keyword:"type",params:{type:"number"}};r===null?r=[q]:r.push(q),e++}var w=V===e}else
var w=!0}}}}}}else{const G={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{
type:"object"}};r===null?r=[G]:r.push(G),e++}var j=n===e;if(j&&C)C=!1,I=[I,3];else{j&&(C=!0,I=3);const G=e;if(e===G)if(i&&
typeof i=="object"&&!Array.isArray(i)){let F;if(i.kind===void 0&&(F="kind")||i.everyS===void 0&&(F="everyS")||i.frames===
void 0&&(F="frames")||i.exposure===void 0&&(F="exposure")||i.lightS===void 0&&(F="lightS")){const V={instancePath:s+"/se\
ries",schemaPath:"#/properties/series/oneOf/4/required",keyword:"required",params:{missingProperty:F}};r===null?r=[V]:r.
push(V),e++}else{const V=e;for(const A in i)if(!(A==="kind"||A==="everyS"||A==="frames"||A==="exposure"||A==="lightS")){
const q={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/additionalProperties",keyword:"additionalPrope\
rties",params:{additionalProperty:A}};r===null?r=[q]:r.push(q),e++;break}if(V===e){if(i.kind!==void 0){const A=e;if(i.kind!==
"interval"){const q={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"\
const",params:{allowedValue:"interval"}};r===null?r=[q]:r.push(q),e++}var te=A===e}else var te=!0;if(te){if(i.everyS!==void 0){
let A=i.everyS;const q=e;if(!(typeof A=="number"&&!(A%1)&&!isNaN(A)&&isFinite(A))){const Z={instancePath:s+"/series/ever\
yS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[
Z]:r.push(Z),e++}if(e===q&&typeof A=="number"&&isFinite(A)){if(A>3600||isNaN(A)){const Z={instancePath:s+"/series/everyS",
schemaPath:"#/properties/series/oneOf/4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};
r===null?r=[Z]:r.push(Z),e++}else if(A<1||isNaN(A)){const Z={instancePath:s+"/series/everyS",schemaPath:"#/properties/se\
ries/oneOf/4/properties/everyS/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[Z]:r.push(Z),e++}}
var te=q===e}else var te=!0;if(te){if(i.frames!==void 0){let A=i.frames;const q=e;if(!(typeof A=="number"&&!(A%1)&&!isNaN(
A)&&isFinite(A))){const Z={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/typ\
e",keyword:"type",params:{type:"integer"}};r===null?r=[Z]:r.push(Z),e++}if(e===q&&typeof A=="number"&&isFinite(A)){if(A>
999||isNaN(A)){const Z={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:999}};r===null?r=[Z]:r.push(Z),e++}else if(A<2||isNaN(A)){const Z={instancePath:s+
"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:2}};r===null?r=[Z]:r.push(Z),e++}}var te=q===e}else var te=!0;if(te){if(i.exposure!==void 0){let A=i.exposure;
const q=e;if(!(A==="held"||A==="metered")){const Z={instancePath:s+"/series/exposure",schemaPath:"#/properties/series/on\
eOf/4/properties/exposure/enum",keyword:"enum",params:{allowedValues:ae.properties.series.oneOf[4].properties.exposure.enum}};
r===null?r=[Z]:r.push(Z),e++}var te=q===e}else var te=!0;if(te)if(i.lightS!==void 0){let A=i.lightS;const q=e;if(!(typeof A==
"number"&&!(A%1)&&!isNaN(A)&&isFinite(A))){const Z={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneO\
f/4/properties/lightS/type",keyword:"type",params:{type:"integer"}};r===null?r=[Z]:r.push(Z),e++}if(e===q&&typeof A=="nu\
mber"&&isFinite(A)){if(A>86400||isNaN(A)){const Z={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf\
/4/properties/lightS/maximum",keyword:"maximum",params:{comparison:"<=",limit:86400}};r===null?r=[Z]:r.push(Z),e++}else if(A<
0||isNaN(A)){const Z={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/minimum",
keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[Z]:r.push(Z),e++}}var te=q===e}else var te=!0}}}}}}else{
const F={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/type",keyword:"type",params:{type:"object"}};r===
null?r=[F]:r.push(F),e++}var j=G===e;if(j&&C)C=!1,I=[I,4];else{j&&(C=!0,I=4);const F=e;if(e===F)if(i&&typeof i=="object"&&
!Array.isArray(i)){let A;if(i.kind===void 0&&(A="kind")||i.totalS===void 0&&(A="totalS")||i.gather===void 0&&(A="gather")){
const q={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/5/required",keyword:"required",params:{missingProperty:A}};
r===null?r=[q]:r.push(q),e++}else{const q=e;for(const E in i)if(!(E==="kind"||E==="totalS"||E==="gather")){const Z={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:E}};
r===null?r=[Z]:r.push(Z),e++;break}if(q===e){if(i.kind!==void 0){const E=e;if(i.kind!=="long"){const Z={instancePath:s+"\
/series/kind",schemaPath:"#/properties/series/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};
r===null?r=[Z]:r.push(Z),e++}var u=E===e}else var u=!0;if(u){if(i.totalS!==void 0){let E=i.totalS;const Z=e;if(!(typeof E==
"number"&&!(E%1)&&!isNaN(E)&&isFinite(E))){const ie={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/one\
Of/5/properties/totalS/type",keyword:"type",params:{type:"integer"}};r===null?r=[ie]:r.push(ie),e++}if(e===Z&&typeof E==
"number"&&isFinite(E)){if(E>7200||isNaN(E)){const ie={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/on\
eOf/5/properties/totalS/maximum",keyword:"maximum",params:{comparison:"<=",limit:7200}};r===null?r=[ie]:r.push(ie),e++}else if(E<
30||isNaN(E)){const ie={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimu\
m",keyword:"minimum",params:{comparison:">=",limit:30}};r===null?r=[ie]:r.push(ie),e++}}var u=Z===e}else var u=!0;if(u)if(i.
gather!==void 0){let E=i.gather;const Z=e;if(!(E==="mean"||E==="sum"||E==="brightest")){const ie={instancePath:s+"/serie\
s/gather",schemaPath:"#/properties/series/oneOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:ae.properties.
series.oneOf[5].properties.gather.enum}};r===null?r=[ie]:r.push(ie),e++}var u=Z===e}else var u=!0}}}}else{const A={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[A]:r.push(A),
e++}var j=F===e;j&&C?(C=!1,I=[I,5]):j&&(C=!0,I=5)}}}}if(C)e=_,r!==null&&(_?r.length=_:r=null);else{const c={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:I}};return r===null?r=[c]:r.push(
c),e++,L.errors=r,!1}var o=x===e}else var o=!0;if(o)if(t.delayS!==void 0){let i=t.delayS;const x=e;if(!(i===0||i===2||i===
3||i===10||i===20))return L.errors=[{instancePath:s+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{
allowedValues:ae.properties.delayS.enum}}],!1;var o=x===e}else var o=!0}}}}}}}}}}}}}}}}}}}}}}}}else return L.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return L.errors=r,e===0}const Ae=R,le={$id:"velmo/prefere\
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
"compStepClicks","monitors","focusing","naming","delaySound","lightAhead"],additionalProperties:!1},ee=require("ajv/dist/runtime/ucs2length").
default;function R(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&
typeof t=="object"&&!Array.isArray(t)){let W;if(t.version===void 0&&(W="version")||t.compStepClicks===void 0&&(W="compSt\
epClicks")||t.monitors===void 0&&(W="monitors")||t.focusing===void 0&&(W="focusing")||t.naming===void 0&&(W="naming")||t.
delaySound===void 0&&(W="delaySound")||t.lightAhead===void 0&&(W="lightAhead"))return R.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:W}}],!1;{const X=e;for(const f in t)if(!(f==="version"||f==="comp\
StepClicks"||f==="monitors"||f==="focusing"||f==="delaySound"||f==="lightAhead"||f==="naming")){return R.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:f}}],!1;break}if(X===e){if(t.
version!==void 0){const f=e;if(t.version!==6)return R.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versio\
n/const",keyword:"const",params:{allowedValue:6}}],!1;var o=f===e}else var o=!0;if(o){if(t.compStepClicks!==void 0){let f=t.
compStepClicks;const y=e;if(!(f===1||f===1.5||f===3))return R.errors=[{instancePath:s+"/compStepClicks",schemaPath:"#/pr\
operties/compStepClicks/enum",keyword:"enum",params:{allowedValues:le.properties.compStepClicks.enum}}],!1;var o=y===e}else
var o=!0;if(o){if(t.monitors!==void 0){let f=t.monitors;const y=e;if(e===y)if(f&&typeof f=="object"&&!Array.isArray(f)){
let b;if(f.over===void 0&&(b="over")||f.overColour===void 0&&(b="overColour")||f.under===void 0&&(b="under")||f.zebra===
void 0&&(b="zebra")||f.toneClicks===void 0&&(b="toneClicks")||f.rawHistogram===void 0&&(b="rawHistogram")||f.logHeight===
void 0&&(b="logHeight")||f.pictureHistogram===void 0&&(b="pictureHistogram")||f.allowedShare===void 0&&(b="allowedShare")||
f.peaking===void 0&&(b="peaking")||f.peakingStrength===void 0&&(b="peakingStrength")||f.peakingColour===void 0&&(b="peak\
ingColour"))return R.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/required",keyword:"required",
params:{missingProperty:b}}],!1;{const $=e;for(const p in f)if(!ve.call(le.properties.monitors.properties,p)){return R.errors=
[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:p}}],!1;break}if($===e){if(f.over!==void 0){let p=f.over;const m=e;if(!(p==="any"||p==="red"||p==="gr\
een"||p==="blue"||p==="off"))return R.errors=[{instancePath:s+"/monitors/over",schemaPath:"#/properties/monitors/propert\
ies/over/enum",keyword:"enum",params:{allowedValues:le.properties.monitors.properties.over.enum}}],!1;var P=m===e}else var P=!0;
if(P){if(f.overColour!==void 0){let p=f.overColour;const m=e;if(!(p==="pink"||p==="white"||p==="black"))return R.errors=
[{instancePath:s+"/monitors/overColour",schemaPath:"#/properties/monitors/properties/overColour/enum",keyword:"enum",params:{
allowedValues:le.properties.monitors.properties.overColour.enum}}],!1;var P=m===e}else var P=!0;if(P){if(f.under!==void 0){
const p=e;if(typeof f.under!="boolean")return R.errors=[{instancePath:s+"/monitors/under",schemaPath:"#/properties/monit\
ors/properties/under/type",keyword:"type",params:{type:"boolean"}}],!1;var P=p===e}else var P=!0;if(P){if(f.zebra!==void 0){
let p=f.zebra;const m=e,a=e;let d=!1,j=null;const N=e;if(p!==null){const U={instancePath:s+"/monitors/zebra",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[U]:r.push(U),e++}var O=N===
e;O&&(d=!0,j=0);const w=e;if(e===w)if(p&&typeof p=="object"&&!Array.isArray(p)){let U;if(p.on===void 0&&(U="on")||p.clicksUnder===
void 0&&(U="clicksUnder")){const te={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra\
/oneOf/1/required",keyword:"required",params:{missingProperty:U}};r===null?r=[te]:r.push(te),e++}else{const te=e;for(const u in p)
if(!(u==="on"||u==="clicksUnder")){const S={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/propertie\
s/zebra/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:u}};r===null?r=[S]:r.push(
S),e++;break}if(te===e){if(p.on!==void 0){const u=e;if(p.on!=="raw"){const S={instancePath:s+"/monitors/zebra/on",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/1/properties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?
r=[S]:r.push(S),e++}var H=u===e}else var H=!0;if(H)if(p.clicksUnder!==void 0){let u=p.clicksUnder;const S=e;if(!(typeof u==
"number"&&!(u%1)&&!isNaN(u)&&isFinite(u))){const i={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/propertie\
s/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[i]:
r.push(i),e++}if(e===S&&typeof u=="number"&&isFinite(u)){if(u>9||isNaN(u)){const i={instancePath:s+"/monitors/zebra/clic\
ksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{
comparison:"<=",limit:9}};r===null?r=[i]:r.push(i),e++}else if(u<0||isNaN(u)){const i={instancePath:s+"/monitors/zebra/c\
licksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",
params:{comparison:">=",limit:0}};r===null?r=[i]:r.push(i),e++}}var H=S===e}else var H=!0}}}else{const U={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};
r===null?r=[U]:r.push(U),e++}var O=w===e;if(O&&d)d=!1,j=[j,1];else{O&&(d=!0,j=1);const U=e;if(e===U)if(p&&typeof p=="obj\
ect"&&!Array.isArray(p)){let u;if(p.on===void 0&&(u="on")||p.percent===void 0&&(u="percent")){const S={instancePath:s+"/\
monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:u}};
r===null?r=[S]:r.push(S),e++}else{const S=e;for(const l in p)if(!(l==="on"||l==="percent")){const i={instancePath:s+"/mo\
nitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProper\
ties",params:{additionalProperty:l}};r===null?r=[i]:r.push(i),e++;break}if(S===e){if(p.on!==void 0){const l=e;if(p.on!==
"picture"){const i={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/prope\
rties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?r=[i]:r.push(i),e++}var B=l===e}else var B=!0;
if(B)if(p.percent!==void 0){let l=p.percent;const i=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const _={
instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/t\
ype",keyword:"type",params:{type:"integer"}};r===null?r=[_]:r.push(_),e++}if(e===i&&typeof l=="number"&&isFinite(l)){if(l>
109||isNaN(l)){const _={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};r===null?r=[_]:r.push(_),e++}else if(l<
70||isNaN(l)){const _={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};r===null?r=[_]:r.push(_),e++}}var B=i===
e}else var B=!0}}}else{const u={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var O=U===e;O&&d?(d=!1,j=[j,2]):O&&(d=!0,j=
2)}if(d)e=a,r!==null&&(a?r.length=a:r=null);else{const U={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/moni\
tors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:j}};return r===null?r=[U]:r.push(U),e++,R.errors=r,!1}
var P=m===e}else var P=!0;if(P){if(f.toneClicks!==void 0){let p=f.toneClicks;const m=e;if(!(typeof p=="number"&&!(p%1)&&
!isNaN(p)&&isFinite(p))&&p!==null)return R.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/monit\
ors/properties/toneClicks/type",keyword:"type",params:{type:le.properties.monitors.properties.toneClicks.type}}],!1;if(e===
m&&typeof p=="number"&&isFinite(p)){if(p>9||isNaN(p))return R.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"\
#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}}],!1;if(p<-18||isNaN(
p))return R.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var P=m===e}else var P=!0;if(P){if(f.rawHistogram!==void 0){
let p=f.rawHistogram;const m=e;if(!(p==="off"||p==="small"||p==="large"))return R.errors=[{instancePath:s+"/monitors/raw\
Histogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",params:{allowedValues:le.properties.
monitors.properties.rawHistogram.enum}}],!1;var P=m===e}else var P=!0;if(P){if(f.logHeight!==void 0){const p=e;if(typeof f.
logHeight!="boolean")return R.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#/properties/monitors/properties\
/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var P=p===e}else var P=!0;if(P){if(f.pictureHistogram!==void 0){
const p=e;if(typeof f.pictureHistogram!="boolean")return R.errors=[{instancePath:s+"/monitors/pictureHistogram",schemaPath:"\
#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"boolean"}}],!1;var P=p===e}else var P=!0;
if(P){if(f.allowedShare!==void 0){let p=f.allowedShare;const m=e;if(!(p===0||p===.001||p===.005||p===.02))return R.errors=
[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/properties/allowedShare/enum",keyword:"enum",
params:{allowedValues:le.properties.monitors.properties.allowedShare.enum}}],!1;var P=m===e}else var P=!0;if(P){if(f.peaking!==
void 0){let p=f.peaking;const m=e;if(!(p==="focusing"||p==="always"||p==="off"))return R.errors=[{instancePath:s+"/monit\
ors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"enum",params:{allowedValues:le.properties.
monitors.properties.peaking.enum}}],!1;var P=m===e}else var P=!0;if(P){if(f.peakingStrength!==void 0){let p=f.peakingStrength;
const m=e;if(!(p==="low"||p==="medium"||p==="high"))return R.errors=[{instancePath:s+"/monitors/peakingStrength",schemaPath:"\
#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:le.properties.monitors.properties.
peakingStrength.enum}}],!1;var P=m===e}else var P=!0;if(P)if(f.peakingColour!==void 0){let p=f.peakingColour;const m=e;if(!(p===
"violet"||p==="white"||p==="blue"))return R.errors=[{instancePath:s+"/monitors/peakingColour",schemaPath:"#/properties/m\
onitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:le.properties.monitors.properties.peakingColour.
enum}}],!1;var P=m===e}else var P=!0}}}}}}}}}}}}}else return R.errors=[{instancePath:s+"/monitors",schemaPath:"#/propert\
ies/monitors/type",keyword:"type",params:{type:"object"}}],!1;var o=y===e}else var o=!0;if(o){if(t.focusing!==void 0){let f=t.
focusing;const y=e;if(e===y)if(f&&typeof f=="object"&&!Array.isArray(f)){let b;if(f.unit===void 0&&(b="unit")||f.loupeZoom===
void 0&&(b="loupeZoom")||f.loupeWithFocus===void 0&&(b="loupeWithFocus")||f.beforeCapture===void 0&&(b="beforeCapture"))
return R.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:b}}],
!1;{const $=e;for(const p in f)if(!(p==="unit"||p==="loupeZoom"||p==="loupeWithFocus"||p==="beforeCapture")){return R.errors=
[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:p}}],!1;break}if($===e){if(f.unit!==void 0){let p=f.unit;const m=e;if(!(p==="m"||p==="ft"))return R.errors=
[{instancePath:s+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:le.
properties.focusing.properties.unit.enum}}],!1;var v=m===e}else var v=!0;if(v){if(f.loupeZoom!==void 0){let p=f.loupeZoom;
const m=e;if(!(p===1||p===2))return R.errors=[{instancePath:s+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:le.properties.focusing.properties.loupeZoom.enum}}],!1;var v=m===
e}else var v=!0;if(v){if(f.loupeWithFocus!==void 0){const p=e;if(typeof f.loupeWithFocus!="boolean")return R.errors=[{instancePath:s+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var v=p===e}else var v=!0;if(v)if(f.beforeCapture!==void 0){const p=e;if(typeof f.beforeCapture!="boolean")
return R.errors=[{instancePath:s+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var v=p===e}else var v=!0}}}}}else return R.errors=[{instancePath:s+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var o=y===e}else var o=!0;if(o){
if(t.delaySound!==void 0){const f=e;if(typeof t.delaySound!="boolean")return R.errors=[{instancePath:s+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var o=f===e}else var o=!0;if(o){if(t.lightAhead!==
void 0){let f=t.lightAhead;const y=e;if(!(f==="fitting"||f==="always"||f==="never"))return R.errors=[{instancePath:s+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:le.properties.lightAhead.enum}}],
!1;var o=y===e}else var o=!0;if(o)if(t.naming!==void 0){let f=t.naming;const y=e;if(e===y)if(f&&typeof f=="object"&&!Array.
isArray(f)){let b;if(f.pattern===void 0&&(b="pattern")||f.count===void 0&&(b="count"))return R.errors=[{instancePath:s+"\
/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:b}}],!1;{const $=e;for(const p in f)
if(!(p==="pattern"||p==="count")){return R.errors=[{instancePath:s+"/naming",schemaPath:"#/properties/naming/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if($===e){if(f.pattern!==void 0){let p=f.
pattern;const m=e;if(e===m)if(typeof p=="string"){if(ee(p)>80)return R.errors=[{instancePath:s+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{limit:80}}],!1}else return R.errors=[{instancePath:s+
"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var g=m===
e}else var g=!0;if(g)if(f.count!==void 0){let p=f.count;const m=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))
return R.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{
type:"integer"}}],!1;if(e===m&&typeof p=="number"&&isFinite(p)){if(p>1e9||isNaN(p))return R.errors=[{instancePath:s+"/na\
ming/count",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],
!1;if(p<1||isNaN(p))return R.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var g=m===e}else var g=!0}}}else return R.errors=[{instancePath:s+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var o=y===e}else var o=!0}}}}}}}}else
return R.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return R.errors=r,e===0}
const Se=z,me={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},camera:{enum:["simulated","browser","file"]},place:{type:"string",maxLength:200},
origin:{enum:["raw","video-frame","photo","photo-remade","average","opened"]},timeS:{type:["number","null"]},iso:{type:[
"number","null"]},compClicks:{type:["number","null"]},lens:{type:["string","null"],maxLength:64},focusDioptres:{type:["n\
umber","null"]},white:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number"},tint:{type:"number"}},required:[
"kelvin","tint"],additionalProperties:!1}]},clippedShare:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,items:{
type:"number",minimum:0,maximum:1}}]},width:{type:"integer",minimum:0},height:{type:"integer",minimum:0},average:{oneOf:[
{type:"null"},{type:"object",properties:{frames:{type:"integer",minimum:1},timesLess:{type:["number","null"]}},required:[
"frames","timesLess"],additionalProperties:!1}]},roll:{type:"string",maxLength:200},stem:{type:"string",minLength:1,maxLength:160},
series:{oneOf:[{type:"null"},{type:"object",properties:{id:{type:"string",maxLength:64},kind:{enum:["single","bracket","\
burst","focus","interval","long"]},step:{type:"integer",minimum:0},count:{type:"integer",minimum:1}},required:["id","kin\
d","step","count"],additionalProperties:!1}]},files:{type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{
kind:{enum:["dng","jpeg","tiff","png","webp","avif","heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{
type:"integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},
longestHandheldS:{type:["number","null"]},focusedAt:{oneOf:[{type:"null"},{type:"object",properties:{x:{type:"number",minimum:0,
maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1}]},words:{type:"object",properties:{
source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200}},required:["source","summary"],additionalProperties:!1}},
required:["version","id","capturedAt","camera","place","origin","timeS","iso","compClicks","lens","focusDioptres","white",
"clippedShare","width","height","average","roll","stem","series","files"],additionalProperties:!1},ge=new RegExp("^[a-z0\
-9-]{8,64}$","u");function z(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;
if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let p;if(t.version===void 0&&(p="version")||t.id===void 0&&(p="id")||
t.capturedAt===void 0&&(p="capturedAt")||t.camera===void 0&&(p="camera")||t.place===void 0&&(p="place")||t.origin===void 0&&
(p="origin")||t.timeS===void 0&&(p="timeS")||t.iso===void 0&&(p="iso")||t.compClicks===void 0&&(p="compClicks")||t.lens===
void 0&&(p="lens")||t.focusDioptres===void 0&&(p="focusDioptres")||t.white===void 0&&(p="white")||t.clippedShare===void 0&&
(p="clippedShare")||t.width===void 0&&(p="width")||t.height===void 0&&(p="height")||t.average===void 0&&(p="average")||t.
roll===void 0&&(p="roll")||t.stem===void 0&&(p="stem")||t.series===void 0&&(p="series")||t.files===void 0&&(p="files"))return z.
errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:p}}],!1;{const m=e;for(const a in t)
if(!ve.call(me.properties,a)){return z.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:a}}],!1;break}if(m===e){if(t.version!==void 0){const a=e;if(t.version!==2)return z.
errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{allowedValue:2}}],!1;
var o=a===e}else var o=!0;if(o){if(t.id!==void 0){let a=t.id;const d=e;if(e===d)if(typeof a=="string"){if(!ge.test(a))return z.
errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],
!1}else return z.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],
!1;var o=d===e}else var o=!0;if(o){if(t.capturedAt!==void 0){let a=t.capturedAt;const d=e;if(e===d)if(typeof a=="number"&&
isFinite(a)){if(a<0||isNaN(a))return z.errors=[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/minimum",
keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return z.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var o=d===e}else var o=!0;if(o){if(t.camera!==void 0){
let a=t.camera;const d=e;if(!(a==="simulated"||a==="browser"||a==="file"))return z.errors=[{instancePath:s+"/camera",schemaPath:"\
#/properties/camera/enum",keyword:"enum",params:{allowedValues:me.properties.camera.enum}}],!1;var o=d===e}else var o=!0;
if(o){if(t.place!==void 0){let a=t.place;const d=e;if(e===d)if(typeof a=="string"){if(ee(a)>200)return z.errors=[{instancePath:s+
"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return z.errors=[{instancePath:s+
"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{type:"string"}}],!1;var o=d===e}else var o=!0;if(o){
if(t.origin!==void 0){let a=t.origin;const d=e;if(!(a==="raw"||a==="video-frame"||a==="photo"||a==="photo-remade"||a==="\
average"||a==="opened"))return z.errors=[{instancePath:s+"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",
params:{allowedValues:me.properties.origin.enum}}],!1;var o=d===e}else var o=!0;if(o){if(t.timeS!==void 0){let a=t.timeS;
const d=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return z.errors=[{instancePath:s+"/timeS",schemaPath:"#/proper\
ties/timeS/type",keyword:"type",params:{type:me.properties.timeS.type}}],!1;var o=d===e}else var o=!0;if(o){if(t.iso!==void 0){
let a=t.iso;const d=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return z.errors=[{instancePath:s+"/iso",schemaPath:"\
#/properties/iso/type",keyword:"type",params:{type:me.properties.iso.type}}],!1;var o=d===e}else var o=!0;if(o){if(t.compClicks!==
void 0){let a=t.compClicks;const d=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return z.errors=[{instancePath:s+"/\
compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{type:me.properties.compClicks.type}}],!1;var o=d===
e}else var o=!0;if(o){if(t.lens!==void 0){let a=t.lens;const d=e;if(typeof a!="string"&&a!==null)return z.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:me.properties.lens.type}}],!1;if(e===d&&typeof a==
"string"&&ee(a)>64)return z.errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",
params:{limit:64}}],!1;var o=d===e}else var o=!0;if(o){if(t.focusDioptres!==void 0){let a=t.focusDioptres;const d=e;if(!(typeof a==
"number"&&isFinite(a))&&a!==null)return z.errors=[{instancePath:s+"/focusDioptres",schemaPath:"#/properties/focusDioptre\
s/type",keyword:"type",params:{type:me.properties.focusDioptres.type}}],!1;var o=d===e}else var o=!0;if(o){if(t.white!==
void 0){let a=t.white;const d=e,j=e;let N=!1,w=null;const M=e;if(a!==null){const u={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[u]:r.push(u),e++}var H=M===e;H&&(N=!0,
w=0);const U=e;if(e===U)if(a&&typeof a=="object"&&!Array.isArray(a)){let u;if(a.kelvin===void 0&&(u="kelvin")||a.tint===
void 0&&(u="tint")){const S={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"required",
params:{missingProperty:u}};r===null?r=[S]:r.push(S),e++}else{const S=e;for(const l in a)if(!(l==="kelvin"||l==="tint")){
const i={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"additionalPropert\
ies",params:{additionalProperty:l}};r===null?r=[i]:r.push(i),e++;break}if(S===e){if(a.kelvin!==void 0){let l=a.kelvin;const i=e;
if(!(typeof l=="number"&&isFinite(l))){const x={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/pr\
operties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[x]:r.push(x),e++}var P=i===e}else var P=!0;if(P)
if(a.tint!==void 0){let l=a.tint;const i=e;if(!(typeof l=="number"&&isFinite(l))){const _={instancePath:s+"/white/tint",
schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[_]:r.push(
_),e++}var P=i===e}else var P=!0}}}else{const u={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"\
type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var H=U===e;if(H&&N?(N=!1,w=[w,1]):H&&(N=!0,w=1),N)e=j,r!==null&&
(j?r.length=j:r=null);else{const u={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{
passingSchemas:w}};return r===null?r=[u]:r.push(u),e++,z.errors=r,!1}var o=d===e}else var o=!0;if(o){if(t.clippedShare!==
void 0){let a=t.clippedShare;const d=e,j=e;let N=!1,w=null;const M=e;if(a!==null){const u={instancePath:s+"/clippedShare",
schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[u]:r.push(u),e++}var B=M===
e;B&&(N=!0,w=0);const U=e;if(e===U)if(Array.isArray(a))if(a.length>3){const u={instancePath:s+"/clippedShare",schemaPath:"\
#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};r===null?r=[u]:r.push(u),e++}else if(a.
length<3){const u={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/minItems",keyword:"minIt\
ems",params:{limit:3}};r===null?r=[u]:r.push(u),e++}else{var O=!0;const u=a.length;for(let S=0;S<u;S++){let l=a[S];const i=e;
if(e===i)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l)){const _={instancePath:s+"/clippedShare/"+S,schemaPath:"#/\
properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[_]:r.push(
_),e++}else if(l<0||isNaN(l)){const _={instancePath:s+"/clippedShare/"+S,schemaPath:"#/properties/clippedShare/oneOf/1/i\
tems/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[_]:r.push(_),e++}}else{const _={instancePath:s+
"/clippedShare/"+S,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===
null?r=[_]:r.push(_),e++}var O=i===e;if(!O)break}}else{const u={instancePath:s+"/clippedShare",schemaPath:"#/properties/\
clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[u]:r.push(u),e++}var B=U===e;if(B&&N?(N=!1,
w=[w,1]):B&&(N=!0,w=1),N)e=j,r!==null&&(j?r.length=j:r=null);else{const u={instancePath:s+"/clippedShare",schemaPath:"#/\
properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:w}};return r===null?r=[u]:r.push(u),e++,z.errors=r,
!1}var o=d===e}else var o=!0;if(o){if(t.width!==void 0){let a=t.width;const d=e;if(!(typeof a=="number"&&!(a%1)&&!isNaN(
a)&&isFinite(a)))return z.errors=[{instancePath:s+"/width",schemaPath:"#/properties/width/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===d&&typeof a=="number"&&isFinite(a)&&(a<0||isNaN(a)))return z.errors=[{instancePath:s+"/width",schemaPath:"\
#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var o=d===e}else var o=!0;if(o){if(t.
height!==void 0){let a=t.height;const d=e;if(!(typeof a=="number"&&!(a%1)&&!isNaN(a)&&isFinite(a)))return z.errors=[{instancePath:s+
"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"integer"}}],!1;if(e===d&&typeof a=="number"&&
isFinite(a)&&(a<0||isNaN(a)))return z.errors=[{instancePath:s+"/height",schemaPath:"#/properties/height/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}}],!1;var o=d===e}else var o=!0;if(o){if(t.average!==void 0){let a=t.average;const d=e,
j=e;let N=!1,w=null;const M=e;if(a!==null){const u={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/t\
ype",keyword:"type",params:{type:"null"}};r===null?r=[u]:r.push(u),e++}var g=M===e;g&&(N=!0,w=0);const U=e;if(e===U)if(a&&
typeof a=="object"&&!Array.isArray(a)){let u;if(a.frames===void 0&&(u="frames")||a.timesLess===void 0&&(u="timesLess")){
const S={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/required",keyword:"required",params:{missingProperty:u}};
r===null?r=[S]:r.push(S),e++}else{const S=e;for(const l in a)if(!(l==="frames"||l==="timesLess")){const i={instancePath:s+
"/average",schemaPath:"#/properties/average/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};
r===null?r=[i]:r.push(i),e++;break}if(S===e){if(a.frames!==void 0){let l=a.frames;const i=e;if(!(typeof l=="number"&&!(l%
1)&&!isNaN(l)&&isFinite(l))){const x={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properti\
es/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[x]:r.push(x),e++}if(e===i&&typeof l=="number"&&isFinite(
l)&&(l<1||isNaN(l))){const x={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properties/frame\
s/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[x]:r.push(x),e++}var v=i===e}else var v=!0;if(v)
if(a.timesLess!==void 0){let l=a.timesLess;const i=e;if(!(typeof l=="number"&&isFinite(l))&&l!==null){const _={instancePath:s+
"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/properties/timesLess/type",keyword:"type",params:{type:me.
properties.average.oneOf[1].properties.timesLess.type}};r===null?r=[_]:r.push(_),e++}var v=i===e}else var v=!0}}}else{const u={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?
r=[u]:r.push(u),e++}var g=U===e;if(g&&N?(N=!1,w=[w,1]):g&&(N=!0,w=1),N)e=j,r!==null&&(j?r.length=j:r=null);else{const u={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{passingSchemas:w}};return r===
null?r=[u]:r.push(u),e++,z.errors=r,!1}var o=d===e}else var o=!0;if(o){if(t.roll!==void 0){let a=t.roll;const d=e;if(e===
d)if(typeof a=="string"){if(ee(a)>200)return z.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/maxLength",
keyword:"maxLength",params:{limit:200}}],!1}else return z.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/\
type",keyword:"type",params:{type:"string"}}],!1;var o=d===e}else var o=!0;if(o){if(t.stem!==void 0){let a=t.stem;const d=e;
if(e===d)if(typeof a=="string"){if(ee(a)>160)return z.errors=[{instancePath:s+"/stem",schemaPath:"#/properties/stem/maxL\
ength",keyword:"maxLength",params:{limit:160}}],!1;if(ee(a)<1)return z.errors=[{instancePath:s+"/stem",schemaPath:"#/pro\
perties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return z.errors=[{instancePath:s+"/stem",schemaPath:"\
#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var o=d===e}else var o=!0;if(o){if(t.series!==void 0){
let a=t.series;const d=e,j=e;let N=!1,w=null;const M=e;if(a!==null){const u={instancePath:s+"/series",schemaPath:"#/prop\
erties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[u]:r.push(u),e++}var X=M===e;X&&(N=!0,w=0);
const U=e;if(e===U)if(a&&typeof a=="object"&&!Array.isArray(a)){let u;if(a.id===void 0&&(u="id")||a.kind===void 0&&(u="k\
ind")||a.step===void 0&&(u="step")||a.count===void 0&&(u="count")){const S={instancePath:s+"/series",schemaPath:"#/prope\
rties/series/oneOf/1/required",keyword:"required",params:{missingProperty:u}};r===null?r=[S]:r.push(S),e++}else{const S=e;
for(const l in a)if(!(l==="id"||l==="kind"||l==="step"||l==="count")){const i={instancePath:s+"/series",schemaPath:"#/pr\
operties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[
i]:r.push(i),e++;break}if(S===e){if(a.id!==void 0){let l=a.id;const i=e;if(e===i)if(typeof l=="string"){if(ee(l)>64){const x={
instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",params:{
limit:64}};r===null?r=[x]:r.push(x),e++}}else{const x={instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf\
/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[x]:r.push(x),e++}var W=i===e}else var W=!0;if(W){
if(a.kind!==void 0){let l=a.kind;const i=e;if(!(l==="single"||l==="bracket"||l==="burst"||l==="focus"||l==="interval"||l===
"long")){const _={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"e\
num",params:{allowedValues:me.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[_]:r.push(_),e++}var W=i===e}else
var W=!0;if(W){if(a.step!==void 0){let l=a.step;const i=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const _={
instancePath:s+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{type:"\
integer"}};r===null?r=[_]:r.push(_),e++}if(e===i&&typeof l=="number"&&isFinite(l)&&(l<0||isNaN(l))){const _={instancePath:s+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[_]:r.push(_),e++}var W=i===e}else var W=!0;if(W)if(a.count!==void 0){let l=a.count;const i=e;if(!(typeof l==
"number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const _={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[_]:r.push(_),e++}if(e===i&&typeof l=="numb\
er"&&isFinite(l)&&(l<1||isNaN(l))){const _={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[_]:r.push(_),e++}var W=i===e}else var W=!0}}}}}else{
const u={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[u]:r.push(u),e++}var X=U===e;if(X&&N?(N=!1,w=[w,1]):X&&(N=!0,w=1),N)e=j,r!==null&&(j?r.length=j:r=null);else{const u={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:w}};return r===null?
r=[u]:r.push(u),e++,z.errors=r,!1}var o=d===e}else var o=!0;if(o){if(t.files!==void 0){let a=t.files;const d=e;if(e===d)
if(Array.isArray(a)){if(a.length>8)return z.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"\
maxItems",params:{limit:8}}],!1;if(a.length<1)return z.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var f=!0;const N=a.length;for(let w=0;w<N;w++){let M=a[w];const U=e;if(e===
U)if(M&&typeof M=="object"&&!Array.isArray(M)){let u;if(M.kind===void 0&&(u="kind")||M.name===void 0&&(u="name")||M.bytes===
void 0&&(u="bytes")||M.chunks===void 0&&(u="chunks"))return z.errors=[{instancePath:s+"/files/"+w,schemaPath:"#/properti\
es/files/items/required",keyword:"required",params:{missingProperty:u}}],!1;{const S=e;for(const l in M)if(!(l==="kind"||
l==="name"||l==="bytes"||l==="chunks")){return z.errors=[{instancePath:s+"/files/"+w,schemaPath:"#/properties/files/item\
s/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(S===e){if(M.kind!==void 0){
let l=M.kind;const i=e;if(!(l==="dng"||l==="jpeg"||l==="tiff"||l==="png"||l==="webp"||l==="avif"||l==="heic"||l==="raw"))
return z.errors=[{instancePath:s+"/files/"+w+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:me.properties.files.items.properties.kind.enum}}],!1;var y=i===e}else var y=!0;if(y){if(M.name!==
void 0){let l=M.name;const i=e;if(e===i)if(typeof l=="string"){if(ee(l)>160)return z.errors=[{instancePath:s+"/files/"+w+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(ee(
l)<1)return z.errors=[{instancePath:s+"/files/"+w+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return z.errors=[{instancePath:s+"/files/"+w+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var y=i===e}else var y=!0;if(y){if(M.bytes!==
void 0){let l=M.bytes;const i=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return z.errors=[{instancePath:s+
"/files/"+w+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===i&&typeof l=="number"&&isFinite(l)&&(l<1||isNaN(l)))return z.errors=[{instancePath:s+"/files/"+w+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var y=i===e}else
var y=!0;if(y)if(M.chunks!==void 0){let l=M.chunks;const i=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return z.
errors=[{instancePath:s+"/files/"+w+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===i&&typeof l=="number"&&isFinite(l)){if(l>4096||isNaN(l))return z.errors=[{instancePath:s+
"/files/"+w+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(l<1||isNaN(l))return z.errors=[{instancePath:s+"/files/"+w+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var y=i===e}else var y=!0}}}}}else
return z.errors=[{instancePath:s+"/files/"+w,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var f=U===e;if(!f)break}}}else return z.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var o=d===e}else var o=!0;if(o){if(t.longestHandheldS!==void 0){let a=t.longestHandheldS;
const d=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return z.errors=[{instancePath:s+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:me.properties.longestHandheldS.type}}],!1;var o=d===e}else
var o=!0;if(o){if(t.focusedAt!==void 0){let a=t.focusedAt;const d=e,j=e;let N=!1,w=null;const M=e;if(a!==null){const u={
instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[u]:r.push(u),e++}var b=M===e;b&&(N=!0,w=0);const U=e;if(e===U)if(a&&typeof a=="object"&&!Array.isArray(a)){let u;if(a.
x===void 0&&(u="x")||a.y===void 0&&(u="y")){const S={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneO\
f/1/required",keyword:"required",params:{missingProperty:u}};r===null?r=[S]:r.push(S),e++}else{const S=e;for(const l in a)
if(!(l==="x"||l==="y")){const i={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[i]:r.push(i),e++;break}if(S===e){if(a.x!==
void 0){let l=a.x;const i=e;if(e===i)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l)){const x={instancePath:s+"/foc\
usedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[x]:r.push(x),e++}else if(l<0||isNaN(l)){const x={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focu\
sedAt/oneOf/1/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[x]:r.push(x),e++}}else{
const x={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/type",keyword:"type",params:{
type:"number"}};r===null?r=[x]:r.push(x),e++}var J=i===e}else var J=!0;if(J)if(a.y!==void 0){let l=a.y;const i=e;if(e===
i)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l)){const _={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/\
focusedAt/oneOf/1/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[_]:r.push(_),e++}else if(l<
0||isNaN(l)){const _={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/focusedAt/oneOf/1/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[_]:r.push(_),e++}}else{const _={instancePath:s+"/focusedAt/y",schemaPath:"\
#/properties/focusedAt/oneOf/1/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[_]:r.push(_),e++}var J=i===
e}else var J=!0}}}else{const u={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/type",keyword:"ty\
pe",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var b=U===e;if(b&&N?(N=!1,w=[w,1]):b&&(N=!0,w=1),N)e=j,r!==null&&
(j?r.length=j:r=null);else{const u={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf",keyword:"oneOf",
params:{passingSchemas:w}};return r===null?r=[u]:r.push(u),e++,z.errors=r,!1}var o=d===e}else var o=!0;if(o)if(t.words!==
void 0){let a=t.words;const d=e;if(e===d)if(a&&typeof a=="object"&&!Array.isArray(a)){let N;if(a.source===void 0&&(N="so\
urce")||a.summary===void 0&&(N="summary"))return z.errors=[{instancePath:s+"/words",schemaPath:"#/properties/words/requi\
red",keyword:"required",params:{missingProperty:N}}],!1;{const w=e;for(const M in a)if(!(M==="source"||M==="summary")){return z.
errors=[{instancePath:s+"/words",schemaPath:"#/properties/words/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:M}}],!1;break}if(w===e){if(a.source!==void 0){let M=a.source;const U=e;if(e===U)if(typeof M=="string"){
if(ee(M)>200)return z.errors=[{instancePath:s+"/words/source",schemaPath:"#/properties/words/properties/source/maxLength",
keyword:"maxLength",params:{limit:200}}],!1}else return z.errors=[{instancePath:s+"/words/source",schemaPath:"#/properti\
es/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var $=U===e}else var $=!0;if($)if(a.summary!==
void 0){let M=a.summary;const U=e;if(e===U)if(typeof M=="string"){if(ee(M)>200)return z.errors=[{instancePath:s+"/words/\
summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return z.
errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties/summary/type",keyword:"type",params:{
type:"string"}}],!1;var $=U===e}else var $=!0}}}else return z.errors=[{instancePath:s+"/words",schemaPath:"#/properties/\
words/type",keyword:"type",params:{type:"object"}}],!1;var o=d===e}else var o=!0}}}}}}}}}}}}}}}}}}}}}}}}else return z.errors=
[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return z.errors=r,e===0}const je=K,xe={$id:"\
velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,64}$"},capturedAt:{type:"\
number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{type:"array",minItems:1,
maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif","heic","raw"]},name:{type:"\
string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:[
"kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^data:image/jpeg;base64,"}},
required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},_e=new RegExp("^d\
ata:image/jpeg;base64,","u");function K(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,
e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let O;if(t.version===void 0&&(O="version")||t.id===void 0&&(O=
"id")||t.capturedAt===void 0&&(O="capturedAt")||t.source===void 0&&(O="source")||t.summary===void 0&&(O="summary")||t.files===
void 0&&(O="files")||t.thumbnail===void 0&&(O="thumbnail"))return K.errors=[{instancePath:s,schemaPath:"#/required",keyword:"\
required",params:{missingProperty:O}}],!1;{const B=e;for(const v in t)if(!(v==="version"||v==="id"||v==="capturedAt"||v===
"source"||v==="summary"||v==="files"||v==="thumbnail")){return K.errors=[{instancePath:s,schemaPath:"#/additionalPropert\
ies",keyword:"additionalProperties",params:{additionalProperty:v}}],!1;break}if(B===e){if(t.version!==void 0){const v=e;
if(t.version!==1)return K.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:1}}],!1;var o=v===e}else var o=!0;if(o){if(t.id!==void 0){let v=t.id;const g=e;if(e===g)if(typeof v=="strin\
g"){if(!ge.test(v))return K.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return K.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var o=g===e}else var o=!0;if(o){if(t.capturedAt!==void 0){let v=t.capturedAt;const g=e;
if(e===g)if(typeof v=="number"&&isFinite(v)){if(v<0||isNaN(v))return K.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return K.errors=[{instancePath:s+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var o=g===e}else var o=!0;
if(o){if(t.source!==void 0){let v=t.source;const g=e;if(e===g)if(typeof v=="string"){if(ee(v)>200)return K.errors=[{instancePath:s+
"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return K.errors=[{
instancePath:s+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var o=g===e}else
var o=!0;if(o){if(t.summary!==void 0){let v=t.summary;const g=e;if(e===g)if(typeof v=="string"){if(ee(v)>200)return K.errors=
[{instancePath:s+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return K.errors=[{instancePath:s+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",params:{type:"string"}}],
!1;var o=g===e}else var o=!0;if(o){if(t.files!==void 0){let v=t.files;const g=e;if(e===g)if(Array.isArray(v)){if(v.length>
8)return K.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"maxItems",params:{limit:8}}],
!1;if(v.length<1)return K.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/minItems",keyword:"minItems",params:{
limit:1}}],!1;{var P=!0;const X=v.length;for(let f=0;f<X;f++){let y=v[f];const J=e;if(e===J)if(y&&typeof y=="object"&&!Array.
isArray(y)){let $;if(y.kind===void 0&&($="kind")||y.name===void 0&&($="name")||y.bytes===void 0&&($="bytes")||y.chunks===
void 0&&($="chunks"))return K.errors=[{instancePath:s+"/files/"+f,schemaPath:"#/properties/files/items/required",keyword:"\
required",params:{missingProperty:$}}],!1;{const p=e;for(const m in y)if(!(m==="kind"||m==="name"||m==="bytes"||m==="chu\
nks")){return K.errors=[{instancePath:s+"/files/"+f,schemaPath:"#/properties/files/items/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:m}}],!1;break}if(p===e){if(y.kind!==void 0){let m=y.kind;const a=e;if(!(m===
"dng"||m==="jpeg"||m==="tiff"||m==="png"||m==="webp"||m==="avif"||m==="heic"||m==="raw"))return K.errors=[{instancePath:s+
"/files/"+f+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"enum",params:{allowedValues:xe.properties.
files.items.properties.kind.enum}}],!1;var H=a===e}else var H=!0;if(H){if(y.name!==void 0){let m=y.name;const a=e;if(e===
a)if(typeof m=="string"){if(ee(m)>160)return K.errors=[{instancePath:s+"/files/"+f+"/name",schemaPath:"#/properties/file\
s/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(ee(m)<1)return K.errors=[{instancePath:s+
"/files/"+f+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",keyword:"minLength",params:{limit:1}}],
!1}else return K.errors=[{instancePath:s+"/files/"+f+"/name",schemaPath:"#/properties/files/items/properties/name/type",
keyword:"type",params:{type:"string"}}],!1;var H=a===e}else var H=!0;if(H){if(y.bytes!==void 0){let m=y.bytes;const a=e;
if(!(typeof m=="number"&&!(m%1)&&!isNaN(m)&&isFinite(m)))return K.errors=[{instancePath:s+"/files/"+f+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],!1;if(e===a&&typeof m=="number"&&
isFinite(m)&&(m<1||isNaN(m)))return K.errors=[{instancePath:s+"/files/"+f+"/bytes",schemaPath:"#/properties/files/items/\
properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var H=a===e}else var H=!0;if(H)if(y.chunks!==
void 0){let m=y.chunks;const a=e;if(!(typeof m=="number"&&!(m%1)&&!isNaN(m)&&isFinite(m)))return K.errors=[{instancePath:s+
"/files/"+f+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===a&&typeof m=="number"&&isFinite(m)){if(m>4096||isNaN(m))return K.errors=[{instancePath:s+"/files/"+f+"/chunks",
schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"<=",limit:4096}}],
!1;if(m<1||isNaN(m))return K.errors=[{instancePath:s+"/files/"+f+"/chunks",schemaPath:"#/properties/files/items/properti\
es/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var H=a===e}else var H=!0}}}}}else return K.errors=
[{instancePath:s+"/files/"+f,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"object"}}],!1;var P=J===
e;if(!P)break}}}else return K.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",keyword:"type",params:{
type:"array"}}],!1;var o=g===e}else var o=!0;if(o)if(t.thumbnail!==void 0){let v=t.thumbnail;const g=e;if(e===g)if(typeof v==
"string"){if(!_e.test(v))return K.errors=[{instancePath:s+"/thumbnail",schemaPath:"#/properties/thumbnail/pattern",keyword:"\
pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return K.errors=[{instancePath:s+"/thumbnail",schemaPath:"\
#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var o=g===e}else var o=!0}}}}}}}}else return K.errors=
[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return K.errors=r,e===0}const qe=ne,Pe={
$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},{type:"array",minItems:3,
maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},measuredAt:{type:[
"number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,maximum:30}},
required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function ne(t,{instancePath:s="",
parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(
t)){let B;if(t.version===void 0&&(B="version")||t.response===void 0&&(B="response")||t.measuredAt===void 0&&(B="measured\
At")||t.greyStops===void 0&&(B="greyStops")||t.evOffset===void 0&&(B="evOffset"))return ne.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:B}}],!1;{const v=e;for(const g in t)if(!(g==="version"||g==="resp\
onse"||g==="measuredAt"||g==="greyStops"||g==="evOffset")){return ne.errors=[{instancePath:s,schemaPath:"#/additionalPro\
perties",keyword:"additionalProperties",params:{additionalProperty:g}}],!1;break}if(v===e){if(t.version!==void 0){const g=e;
if(t.version!==1)return ne.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:1}}],!1;var o=g===e}else var o=!0;if(o){if(t.response!==void 0){let g=t.response;const W=e,X=e;let f=!1,y=null;
const J=e;if(g!==null){const p={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/0/type",keyword:"type",
params:{type:"null"}};r===null?r=[p]:r.push(p),e++}var O=J===e;O&&(f=!0,y=0);const b=e;if(e===b)if(Array.isArray(g))if(g.
length>3){const p={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"maxItems",params:{
limit:3}};r===null?r=[p]:r.push(p),e++}else if(g.length<3){const p={instancePath:s+"/response",schemaPath:"#/properties/\
response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[p]:r.push(p),e++}else{var P=!0;const p=g.length;
for(let m=0;m<p;m++){let a=g[m];const d=e;if(e===d)if(Array.isArray(a))if(a.length>256){const N={instancePath:s+"/respon\
se/"+m,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?r=[N]:r.
push(N),e++}else if(a.length<256){const N={instancePath:s+"/response/"+m,schemaPath:"#/properties/response/oneOf/1/items\
/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[N]:r.push(N),e++}else{var H=!0;const N=a.length;for(let w=0;w<
N;w++){let M=a[w];const U=e;if(e===U)if(typeof M=="number"&&isFinite(M)){if(M>1||isNaN(M)){const u={instancePath:s+"/res\
ponse/"+m+"/"+w,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"<=",
limit:1}};r===null?r=[u]:r.push(u),e++}else if(M<0||isNaN(M)){const u={instancePath:s+"/response/"+m+"/"+w,schemaPath:"#\
/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[u]:r.push(
u),e++}}else{const u={instancePath:s+"/response/"+m+"/"+w,schemaPath:"#/properties/response/oneOf/1/items/items/type",keyword:"\
type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var H=U===e;if(!H)break}}else{const N={instancePath:s+"/respo\
nse/"+m,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[N]:r.push(
N),e++}var P=d===e;if(!P)break}}else{const p={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/type",
keyword:"type",params:{type:"array"}};r===null?r=[p]:r.push(p),e++}var O=b===e;if(O&&f?(f=!1,y=[y,1]):O&&(f=!0,y=1),f)e=
X,r!==null&&(X?r.length=X:r=null);else{const p={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf",keyword:"\
oneOf",params:{passingSchemas:y}};return r===null?r=[p]:r.push(p),e++,ne.errors=r,!1}var o=W===e}else var o=!0;if(o){if(t.
measuredAt!==void 0){let g=t.measuredAt;const W=e;if(!(typeof g=="number"&&isFinite(g))&&g!==null)return ne.errors=[{instancePath:s+
"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:Pe.properties.measuredAt.type}}],!1;
var o=W===e}else var o=!0;if(o){if(t.greyStops!==void 0){let g=t.greyStops;const W=e;if(e===W)if(typeof g=="number"&&isFinite(
g)){if(g>4||isNaN(g))return ne.errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:4}}],!1;if(g<-4||isNaN(g))return ne.errors=[{instancePath:s+"/greyStops",schemaPath:"\
#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return ne.errors=[{instancePath:s+
"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;var o=W===e}else var o=!0;
if(o)if(t.evOffset!==void 0){let g=t.evOffset;const W=e;if(!(typeof g=="number"&&isFinite(g))&&g!==null)return ne.errors=
[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:Pe.properties.evOffset.
type}}],!1;if(e===W&&typeof g=="number"&&isFinite(g)){if(g>30||isNaN(g))return ne.errors=[{instancePath:s+"/evOffset",schemaPath:"\
#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(g<-30||isNaN(g))return ne.errors=
[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}}],
!1}var o=W===e}else var o=!0}}}}}}else return ne.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"\
object"}}],!1;return ne.errors=r,e===0}const Fe=ke,ze={$id:"velmo/camera-choice/1",oneOf:[{type:"object",properties:{device:{
const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},{type:"objec\
t",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{type:"\
string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"in\
teger",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function ke(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){
let r=null,e=0;const o=e;let P=!1,H=null;const O=e;if(e===O)if(t&&typeof t=="object"&&!Array.isArray(t)){let y;if(t.device===
void 0&&(y="device")||t.scene===void 0&&(y="scene")){const J={instancePath:s,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:y}};r===null?r=[J]:r.push(J),e++}else{const J=e;for(const b in t)if(!(b==="device"||b===
"scene")){const $={instancePath:s,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:b}};
r===null?r=[$]:r.push($),e++;break}if(J===e){if(t.device!==void 0){const b=e;if(t.device!=="simulated"){const $={instancePath:s+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
$]:r.push($),e++}var B=b===e}else var B=!0;if(B)if(t.scene!==void 0){let b=t.scene;const $=e;if(e===$)if(typeof b=="stri\
ng"){if(ee(b)>64){const m={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[m]:r.push(m),e++}}else{const m={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[m]:r.push(m),e++}var B=$===e}else var B=!0}}}else{const y={
instancePath:s,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[y]:r.push(y),e++}var f=O===
e;f&&(P=!0,H=0);const v=e;if(e===v)if(t&&typeof t=="object"&&!Array.isArray(t)){let y;if(t.device===void 0&&(y="device")){
const J={instancePath:s,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:y}};r===null?r=[J]:r.
push(J),e++}else{const J=e;for(const b in t)if(!(b==="device"||b==="camera"||b==="size")){const $={instancePath:s,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:b}};r===null?r=[$]:r.push($),e++;
break}if(J===e){if(t.device!==void 0){const b=e;if(t.device!=="browser"){const $={instancePath:s+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[$]:r.push($),e++}var g=b===
e}else var g=!0;if(g){if(t.camera!==void 0){let b=t.camera;const $=e;if(e===$)if(b&&typeof b=="object"&&!Array.isArray(b)){
let m;if(b.id===void 0&&(m="id")||b.label===void 0&&(m="label")){const a={instancePath:s+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:m}};r===null?r=[a]:r.push(a),e++}else{const a=e;
for(const d in b)if(!(d==="id"||d==="label")){const j={instancePath:s+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}};r===null?r=[j]:r.push(j),e++;break}if(a===
e){if(b.id!==void 0){let d=b.id;const j=e;if(e===j)if(typeof d=="string"){if(ee(d)>512){const N={instancePath:s+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[N]:r.push(N),e++}}else{const N={instancePath:s+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[N]:r.push(N),e++}var W=j===e}else var W=!0;if(W)if(b.label!==void 0){
let d=b.label;const j=e;if(e===j)if(typeof d=="string"){if(ee(d)>512){const w={instancePath:s+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[w]:r.push(w),
e++}}else{const w={instancePath:s+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[w]:r.push(w),e++}var W=j===e}else var W=!0}}}else{const m={instancePath:s+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[m]:r.push(m),e++}
var g=$===e}else var g=!0;if(g)if(t.size!==void 0){let b=t.size;const $=e;if(e===$)if(b&&typeof b=="object"&&!Array.isArray(
b)){let m;if(b.width===void 0&&(m="width")||b.height===void 0&&(m="height")){const a={instancePath:s+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:m}};r===null?r=[a]:r.push(a),e++}else{const a=e;
for(const d in b)if(!(d==="width"||d==="height")){const j={instancePath:s+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}};r===null?r=[j]:r.push(j),e++;break}if(a===
e){if(b.width!==void 0){let d=b.width;const j=e;if(!(typeof d=="number"&&!(d%1)&&!isNaN(d)&&isFinite(d))){const N={instancePath:s+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[N]:r.push(N),e++}if(e===j&&typeof d=="number"&&isFinite(d)){if(d>16384||isNaN(d)){const N={instancePath:s+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[N]:r.push(N),e++}else if(d<16||isNaN(d)){const N={instancePath:s+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[N]:r.push(N),e++}}var X=j===
e}else var X=!0;if(X)if(b.height!==void 0){let d=b.height;const j=e;if(!(typeof d=="number"&&!(d%1)&&!isNaN(d)&&isFinite(
d))){const w={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[w]:r.push(w),e++}if(e===j&&typeof d=="number"&&isFinite(d)){if(d>16384||isNaN(d)){const w={
instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[w]:r.push(w),e++}else if(d<16||isNaN(d)){const w={instancePath:s+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[w]:r.push(w),e++}}var X=j===e}else var X=!0}}}else{const m={instancePath:s+"/size",schemaPath:"#/oneOf/1/propert\
ies/size/type",keyword:"type",params:{type:"object"}};r===null?r=[m]:r.push(m),e++}var g=$===e}else var g=!0}}}}else{const y={
instancePath:s,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[y]:r.push(y),e++}var f=v===
e;if(f&&P?(P=!1,H=[H,1]):f&&(P=!0,H=1),P)e=o,r!==null&&(o?r.length=o:r=null);else{const y={instancePath:s,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:H}};return r===null?r=[y]:r.push(y),e++,ke.errors=r,!1}return ke.errors=r,
e===0}const Ce=T,be={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]},reframe:{type:"object",properties:{quarters:{enum:[0,1,2,3]},tilt:{type:"integer",
minimum:-450,maximum:450},crop:{type:"object",properties:{x:{type:"number",minimum:-1,maximum:2},y:{type:"number",minimum:-1,
maximum:2},width:{type:"number",minimum:.001,maximum:2},height:{type:"number",minimum:.001,maximum:2}},required:["x","y",
"width","height"],additionalProperties:!1}},required:["quarters","tilt","crop"],additionalProperties:!1}},required:["ver\
sion","roll","choice"],additionalProperties:!1};function T(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let O;if(t.version===void 0&&(O="version")||t.roll===
void 0&&(O="roll")||t.choice===void 0&&(O="choice"))return T.errors=[{instancePath:s,schemaPath:"#/required",keyword:"re\
quired",params:{missingProperty:O}}],!1;{const B=e;for(const v in t)if(!(v==="version"||v==="roll"||v==="choice"||v==="r\
eframe")){return T.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:v}}],
!1;break}if(B===e){if(t.version!==void 0){const v=e;if(t.version!==1)return T.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var o=v===e}else var o=!0;if(o){if(t.roll!==void 0){
let v=t.roll;const g=e;if(e===g)if(typeof v=="string"){if(ee(v)>200)return T.errors=[{instancePath:s+"/roll",schemaPath:"\
#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return T.errors=[{instancePath:s+"/roll",schemaPath:"\
#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var o=g===e}else var o=!0;if(o){if(t.choice!==void 0){
let v=t.choice;const g=e;if(!(v==="kept"||v==="dropped"||v===null))return T.errors=[{instancePath:s+"/choice",schemaPath:"\
#/properties/choice/enum",keyword:"enum",params:{allowedValues:be.properties.choice.enum}}],!1;var o=g===e}else var o=!0;
if(o)if(t.reframe!==void 0){let v=t.reframe;const g=e;if(e===g)if(v&&typeof v=="object"&&!Array.isArray(v)){let X;if(v.quarters===
void 0&&(X="quarters")||v.tilt===void 0&&(X="tilt")||v.crop===void 0&&(X="crop"))return T.errors=[{instancePath:s+"/refr\
ame",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:X}}],!1;{const f=e;for(const y in v)
if(!(y==="quarters"||y==="tilt"||y==="crop")){return T.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/refra\
me/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:y}}],!1;break}if(f===e){if(v.quarters!==
void 0){let y=v.quarters;const J=e;if(!(y===0||y===1||y===2||y===3))return T.errors=[{instancePath:s+"/reframe/quarters",
schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:be.properties.reframe.properties.
quarters.enum}}],!1;var P=J===e}else var P=!0;if(P){if(v.tilt!==void 0){let y=v.tilt;const J=e;if(!(typeof y=="number"&&
!(y%1)&&!isNaN(y)&&isFinite(y)))return T.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/proper\
ties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===J&&typeof y=="number"&&isFinite(y)){if(y>450||isNaN(y))
return T.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"maxi\
mum",params:{comparison:"<=",limit:450}}],!1;if(y<-450||isNaN(y))return T.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var P=J===e}else
var P=!0;if(P)if(v.crop!==void 0){let y=v.crop;const J=e;if(e===J)if(y&&typeof y=="object"&&!Array.isArray(y)){let $;if(y.
x===void 0&&($="x")||y.y===void 0&&($="y")||y.width===void 0&&($="width")||y.height===void 0&&($="height"))return T.errors=
[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:$}}],
!1;{const p=e;for(const m in y)if(!(m==="x"||m==="y"||m==="width"||m==="height")){return T.errors=[{instancePath:s+"/ref\
rame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:m}}],!1;break}if(p===e){if(y.x!==void 0){let m=y.x;const a=e;if(e===a)if(typeof m=="number"&&isFinite(
m)){if(m>2||isNaN(m))return T.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop\
/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(m<-1||isNaN(m))return T.errors=[{instancePath:s+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return T.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/c\
rop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var H=a===e}else var H=!0;if(H){if(y.y!==void 0){let m=y.
y;const a=e;if(e===a)if(typeof m=="number"&&isFinite(m)){if(m>2||isNaN(m))return T.errors=[{instancePath:s+"/reframe/cro\
p/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(m<-1||isNaN(m))return T.errors=[{instancePath:s+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop\
/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return T.errors=[{instancePath:s+"/\
reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"number"}}],
!1;var H=a===e}else var H=!0;if(H){if(y.width!==void 0){let m=y.width;const a=e;if(e===a)if(typeof m=="number"&&isFinite(
m)){if(m>2||isNaN(m))return T.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/\
crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(m<.001||isNaN(m))return T.errors=
[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return T.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var H=a===e}else var H=!0;
if(H)if(y.height!==void 0){let m=y.height;const a=e;if(e===a)if(typeof m=="number"&&isFinite(m)){if(m>2||isNaN(m))return T.
errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(m<.001||isNaN(m))return T.errors=[{instancePath:s+"/refram\
e/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return T.errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/prope\
rties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var H=a===e}else var H=!0}}}}}else return T.
errors=[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var P=J===e}else var P=!0}}}}else return T.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/ref\
rame/type",keyword:"type",params:{type:"object"}}],!1;var o=g===e}else var o=!0}}}}}else return T.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return T.errors=r,e===0}const Le=pe,De={$id:"velmo/roll/1",
type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function pe(t,{
instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let P;if(t.version===void 0&&(P="version")||t.id===void 0&&(P="id")||t.name===void 0&&(P="name")||t.madeAt===
void 0&&(P="madeAt"))return pe.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:P}}],
!1;{const H=e;for(const O in t)if(!(O==="version"||O==="id"||O==="name"||O==="madeAt")){return pe.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}}],!1;break}if(H===e){if(t.
version!==void 0){const O=e;if(t.version!==1)return pe.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var o=O===e}else var o=!0;if(o){if(t.id!==void 0){let O=t.id;const B=e;
if(e===B)if(typeof O=="string"){if(ee(O)>200)return pe.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(ee(O)<1)return pe.errors=[{instancePath:s+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return pe.errors=[{instancePath:s+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var o=B===e}else var o=!0;if(o){if(t.name!==void 0){let O=t.
name;const B=e;if(e===B)if(typeof O=="string"){if(ee(O)>40)return pe.errors=[{instancePath:s+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(ee(O)<1)return pe.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return pe.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var o=B===e}else var o=!0;if(o)if(t.madeAt!==void 0){
let O=t.madeAt;const B=e;if(e===B)if(typeof O=="number"&&isFinite(O)){if(O<0||isNaN(O))return pe.errors=[{instancePath:s+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return pe.
errors=[{instancePath:s+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var o=B===
e}else var o=!0}}}}}else return pe.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return pe.errors=r,e===0}const Ve=fe,He={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function fe(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t==
"object"&&!Array.isArray(t)){let P;if(t.version===void 0&&(P="version")||t.clips===void 0&&(P="clips")||t.zebra===void 0&&
(P="zebra")||t.edges===void 0&&(P="edges"))return fe.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",
params:{missingProperty:P}}],!1;{const H=e;for(const O in t)if(!(O==="version"||O==="clips"||O==="zebra"||O==="edges")){
return fe.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}}],
!1;break}if(H===e){if(t.version!==void 0){const O=e;if(t.version!==1)return fe.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var o=O===e}else var o=!0;if(o){if(t.clips!==void 0){
const O=e;if(typeof t.clips!="boolean")return fe.errors=[{instancePath:s+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var o=O===e}else var o=!0;if(o){if(t.zebra!==void 0){const O=e;if(typeof t.zebra!="bo\
olean")return fe.errors=[{instancePath:s+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var o=O===e}else var o=!0;if(o)if(t.edges!==void 0){const O=e;if(typeof t.edges!="boolean")return fe.errors=[
{instancePath:s+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var o=O===e}else
var o=!0}}}}}else return fe.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return fe.
errors=r,e===0}export{Fe as cameraChoice,qe as cameraLight,Ce as decision,Se as frameRecord,Ve as markChoice,je as olderFrameRecord,Ae as preferences,
Le as rollRecord,Ne as settings};
